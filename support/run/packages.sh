# What the machine itself must have: Debian packages, and a Node new enough to build the interface.

NODE_LEAST=20.19

missing_packages() {
    command -v php >/dev/null || echo php-cli
    compgen -G '/usr/sbin/php-fpm*' >/dev/null || echo php-fpm
    local module have=''
    have=$(php -m 2>/dev/null || true)
    for module in pdo_pgsql:php-pgsql mbstring:php-mbstring dom:php-xml curl:php-curl zip:php-zip gd:php-gd; do
        grep -qix "${module%%:*}" <<<"$have" || echo "${module##*:}"
    done
    compgen -G '/usr/lib/postgresql/*/bin/initdb' >/dev/null || echo postgresql
    [ -x /usr/sbin/nginx ] || command -v nginx >/dev/null || echo nginx-light
    command -v composer >/dev/null || echo composer
    command -v openssl >/dev/null || echo openssl
    command -v setpriv >/dev/null || echo util-linux
    command -v npm >/dev/null || echo 'nodejs npm'
    if [ "${1:-}" = browser ]; then
        command -v chromium >/dev/null || echo chromium
        command -v pdftotext >/dev/null || echo poppler-utils
    fi
}

ensure_packages() {
    local missing
    missing=$(missing_packages "${1:-}" | tr '\n' ' ')
    [ -z "${missing// /}" ] && return
    local sudo=''
    if ! is_root; then
        command -v sudo >/dev/null || fail "you may not install packages here; ask an administrator to run: apt-get install -y --no-install-recommends ${missing% }"
        sudo=sudo
    fi
    say "Installing from Debian, because they are missing: $missing"
    # The system's own nginx and PostgreSQL are not wanted, only their programs: nothing is started by the install.
    local policy=/usr/sbin/policy-rc.d mine=''
    if [ ! -e $policy ]; then
        printf '#!/bin/sh\nexit 101\n' | $sudo tee $policy >/dev/null
        $sudo chmod +x $policy
        mine=yes
    fi
    local done=0
    # shellcheck disable=SC2086
    quietly $sudo apt-get update && quietly $sudo env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends $missing || done=1
    [ -n "$mine" ] && $sudo rm -f $policy
    [ $done = 0 ] || fail "Debian's packages could not be installed (is there a network?): $missing"
}

pg_bin() { dirname "$(find /usr/lib/postgresql -path '*/bin/initdb' | sort -V | tail -n 1)"; }

fpm_bin() { compgen -G '/usr/sbin/php-fpm*' | sort -V | tail -n 1; }

nginx_bin() { command -v nginx || echo /usr/sbin/nginx; }

node_is_new_enough() { node -e "const [a,b]=process.versions.node.split('.').map(Number);const [c,d]='$NODE_LEAST'.split('.').map(Number);process.exit(a>c||(a===c&&b>=d)?0:1)" 2>/dev/null; }

# Debian's own Node may be older than the build tools need: one is kept under var/tools then.
ensure_node() {
    export PATH="$ROOT/var/tools/node_modules/.bin:$ROOT/var/tools/bin:$PATH"
    node_is_new_enough && return
    local kind
    kind=$(uname -m | sed 's/x86_64/x64/; s/aarch64/arm64/')
    say "This machine's Node is older than $NODE_LEAST: installing one under var/tools, for building only."
    mkdir -p "$ROOT/var/tools/bin"
    quietly npm install --prefix "$ROOT/var/tools" --no-audit --no-fund "node-linux-$kind@22" ||
        fail "Node $NODE_LEAST or newer is needed to build the interface, and none could be installed."
    ln -sf "$ROOT/var/tools/node_modules/node-linux-$kind/bin/node" "$ROOT/var/tools/bin/node"
    # This shell has looked for node before, and remembers the old one.
    hash -r
    node_is_new_enough || fail "Node $NODE_LEAST or newer is needed to build the interface."
}
