# ./incastro start --lan: the home network, under a certificate that this machine makes. Phones are told to trust the authority that signs it; it can
# sign nothing but this machine's own names and its own network.

CA_DAYS=3650
# No browser takes longer ones.
LEAF_DAYS=397

own_address() { hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^(10|172|192)\.' | head -n 1; }

# The network of an address as openssl writes it, 192.168.1.0/255.255.255.0; of this machine alone where nobody can tell.
own_network() {
    local address=$1 prefix
    prefix=$({ ip -o -4 addr show 2>/dev/null || true; } | sed -nE "s#.* inet ${address//./\\.}/([0-9]+) .*#\1#p" | head -n 1)
    php -r '[$a, $n] = [ip2long($argv[1]), (int) $argv[2]]; $mask = $n === 0 ? 0 : (-1 << (32 - $n)) & 0xFFFFFFFF; echo long2ip($a & $mask), "/", long2ip($mask);' "$address" "${prefix:-32}"
}

own_names() { printf '%s\n' localhost "$(hostname)" "$(hostname).local" | sort -u; }

# Made anew when the network is another, when this machine has another name or address, and in time before it runs out.
make_certificate() {
    local address network names
    address=$(own_address)
    [ -n "$address" ] || fail 'no home network address was found on this machine.'
    network=$(own_network "$address")
    names=$(own_names | paste -sd,)
    if ! is_for "$STATE/lan-ca.crt" "$network $names" || ! openssl x509 -in "$STATE/lan-ca.crt" -noout -checkend $((LEAF_DAYS * 86400)) >/dev/null; then
        make_authority "$network" "$names"
        rm -f "$STATE/lan.crt"
    fi
    if ! is_for "$STATE/lan.crt" "$address $names" || ! openssl x509 -in "$STATE/lan.crt" -noout -checkend $((30 * 86400)) >/dev/null; then
        make_leaf "$address" "$names"
    fi
}

# What a certificate was made for stands beside it.
is_for() { [ -f "$1" ] && [ "$(cat "$1.for" 2>/dev/null)" = "$2" ]; }

new_key() { (umask 077 && quietly openssl ecparam -name prime256v1 -genkey -noout -out "$1") || fail "the key $1 could not be made."; }

make_authority() {
    local network=$1 names=$2 name permitted=''
    say 'Making a certificate authority for the home network; it can sign nothing outside it. Devices that trusted an earlier one are asked to trust this one.'
    for name in ${names//,/ }; do permitted+="permitted;DNS:$name,"; done
    new_key "$STATE/lan-ca.key"
    quietly openssl req -x509 -new -key "$STATE/lan-ca.key" -sha256 -days "$CA_DAYS" -subj "/CN=Incastro at home, $(hostname)" \
        -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign,cRLSign' \
        -addext "nameConstraints=critical,${permitted}permitted;IP:$network,permitted;IP:127.0.0.1/255.255.255.255,excluded;IP:0:0:0:0:0:0:0:0/0:0:0:0:0:0:0:0" \
        -out "$STATE/lan-ca.crt" || fail 'the certificate authority could not be made.'
    printf '%s %s\n' "$network" "$names" >"$STATE/lan-ca.crt.for"
}

make_leaf() {
    local address=$1 names=$2 name alternatives="IP:$1,IP:127.0.0.1"
    for name in ${names//,/ }; do alternatives+=",DNS:$name"; done
    new_key "$STATE/lan.key"
    quietly openssl req -new -key "$STATE/lan.key" -subj '/CN=Incastro at home' -out "$STATE/lan.csr" || fail 'the certificate could not be asked for.'
    quietly openssl x509 -req -in "$STATE/lan.csr" -CA "$STATE/lan-ca.crt" -CAkey "$STATE/lan-ca.key" -CAcreateserial -sha256 -days "$LEAF_DAYS" -out "$STATE/lan.crt" \
        -extfile <(printf 'basicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nsubjectAltName=%s\n' "$alternatives") \
        || fail 'the certificate could not be signed.'
    rm -f "$STATE/lan.csr"
    printf '%s %s\n' "$address" "$names" >"$STATE/lan.crt.for"
}

print_lan() {
    local address url
    address=$(own_address)
    url="https://$address:$1/$(demo_is_on && echo demo)"
    say "On the home network: $url"
    php "$ROOT/support/run/qr.php" "$url"
    say "A phone that installs and trusts https://$address:$1/certificate.crt can also open pages where there is no network. That certificate vouches for this machine on this network and for nothing else."
    say "From the home network nobody begins an account; on this machine one can. INCASTRO_SIGN_UP=true in $STATE/settings opens it to all."
}
