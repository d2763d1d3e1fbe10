<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;

/** ./incastro start --lan: what the certificate vouches for, and what the network may. */
final class LanTest extends TestCase
{
    use OwnState;

    public function test_the_home_network_is_served_and_nothing_else_is_vouched_for(): void
    {
        $said = $this->incastro('start --lan');
        if (str_contains($said, 'no home network address')) {
            self::markTestSkipped('Not run: this machine is on no home network.');
        }
        self::assertSame(1, preg_match('#On the home network: (https://([\d.]+):\d+)/demo#', $said, $at), $said);
        [, $base, $address] = $at;
        $this->theCertificateHolds($address);

        // Under it, and trusted by it alone.
        $up = $this->ask("$base/api/session");
        self::assertSame([200, true], [$up['status'], str_contains($up['head'], 'secure')], $up['head']);
        self::assertStringContainsString(file_get_contents("$this->state/lan-ca.crt") ?: 'none', $this->ask("$base/certificate.crt")['body']);
        self::assertFalse(json_decode($up['body'], true)['sign_up']);
        self::assertTrue(json_decode($this->ask("http://127.0.0.1:$this->port/api/session")['body'], true)['sign_up'], 'at the machine itself one can');

        // The meter is for who is signed in, from these pages.
        self::assertSame(401, $this->ask("$base/meter/places")['status']);
        $jar = "$this->state/jar";
        self::assertSame(302, $this->ask("$base/demo", jar: $jar)['status']);
        self::assertSame(200, $this->ask("$base/meter/places", jar: $jar)['status']);
        self::assertSame(200, $this->ask("$base/meter/press", ['Origin: '.$base], '{}', $jar)['status']);
        self::assertSame(403, $this->ask("$base/meter/press", ['Origin: https://elsewhere.example'], '{}', $jar)['status']);
        self::assertSame(403, $this->ask("$base/meter/places", ['Sec-Fetch-Site: cross-site'], null, $jar)['status']);
        $this->linksAreCapped($base, $jar);

        // Started again it is the same certificate; with another name or address it would be another.
        $before = file_get_contents("$this->state/lan.crt");
        $this->incastro('stop');
        $this->incastro('start --lan');
        self::assertSame($before, file_get_contents("$this->state/lan.crt"));
        // Without it the network is served no more, and an account is anybody's to begin who reaches this machine's own address.
        $this->incastro('stop');
        $this->incastro('start');
        self::assertSame(0, $this->ask("$base/api/session")['status']);
    }

    private function theCertificateHolds(string $address): void
    {
        $ca = "$this->state/lan-ca.crt";
        foreach (['lan.key', 'lan-ca.key'] as $key) {
            self::assertSame('0600', substr(sprintf('%o', (int) fileperms("$this->state/$key")), -4), $key);
        }
        self::assertStringContainsString('lan.crt: OK', (string) shell_exec("openssl verify -CAfile $ca -verify_ip $address $this->state/lan.crt 2>&1"));
        $leaf = openssl_x509_parse((string) file_get_contents("$this->state/lan.crt")) ?: [];
        self::assertLessThanOrEqual(397 * 86400 + 1, $leaf['validTo_time_t'] - $leaf['validFrom_time_t']);
        $authority = openssl_x509_parse((string) file_get_contents($ca)) ?: [];
        self::assertStringContainsString('pathlen:0', str_replace(' ', '', $authority['extensions']['basicConstraints']));
        // Whoever steals its key signs no other site, no other network and no other authority.
        $name = gethostname();
        foreach (['subjectAltName=DNS:example.org' => false, "subjectAltName=DNS:example.org,DNS:$name.local" => false, 'subjectAltName=IP:8.8.8.8' => false, 'subjectAltName=IP:2001:db8::1' => false,
            "subjectAltName=DNS:$name.local" => true, "subjectAltName=IP:$address" => true] as $for => $holds) {
            self::assertSame($holds, str_contains($this->signed($for, 'leaf', $ca), 'leaf.crt: OK'), $for);
        }
        $this->signed("basicConstraints=critical,CA:TRUE\nkeyUsage=critical,keyCertSign", 'below', $ca);
        exec("openssl ecparam -name prime256v1 -genkey -noout -out $this->state/k 2>/dev/null; openssl req -new -key $this->state/k -subj /CN=x -out $this->state/r 2>/dev/null;"
            ."echo 'subjectAltName=DNS:$name.local' > $this->state/e; openssl x509 -req -in $this->state/r -CA $this->state/below.crt -CAkey $this->state/below.key -days 5 -extfile $this->state/e -out $this->state/under.crt 2>/dev/null");
        self::assertStringNotContainsString('under.crt: OK', (string) shell_exec("openssl verify -CAfile $ca -untrusted $this->state/below.crt $this->state/under.crt 2>&1"));
    }

    /** What openssl says of a certificate that the authority signed for this. */
    private function signed(string $extensions, string $as, string $ca): string
    {
        $at = "$this->state/$as";
        file_put_contents("$at.ext", "$extensions\n");
        exec("openssl ecparam -name prime256v1 -genkey -noout -out $at.key 2>/dev/null; openssl req -new -key $at.key -subj /CN=x -out $at.csr 2>/dev/null;"
            ."openssl x509 -req -in $at.csr -CA $ca -CAkey $this->state/lan-ca.key -days 5 -extfile $at.ext -out $at.crt 2>/dev/null");

        return (string) shell_exec("openssl verify -CAfile $ca $at.crt 2>&1");
    }

    /** Many links from one address hold nothing up: those over a few are turned away, and the server answers. */
    private function linksAreCapped(string $base, string $jar): void
    {
        $all = curl_multi_init();
        $links = [];
        for ($i = 0; $i < 40; $i++) {
            $link = $this->prepared("$base/meter/link", [], null, $jar);
            curl_setopt($link, CURLOPT_TIMEOUT, 20);
            curl_multi_add_handle($all, $links[] = $link);
        }
        $turned = 0;
        for ($end = hrtime(true) / 1e9 + 12; hrtime(true) / 1e9 < $end && $turned < 28;) {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.1);
            while (($done = curl_multi_info_read($all)) !== false) {
                $turned += (int) (curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 503);
            }
        }
        self::assertSame(28, $turned, 'of 40, all but twelve');
        self::assertSame(200, $this->ask("$base/api/session")['status']);
        array_map(fn (\CurlHandle $link) => curl_multi_remove_handle($all, $link), $links);
    }

    /**
     * @param  list<string>  $headers
     * @return array{status: int, head: string, body: string} status 0 where nobody answers
     */
    private function ask(string $url, array $headers = [], ?string $body = null, ?string $jar = null): array
    {
        $curl = $this->prepared($url, $headers, $body, $jar);
        curl_setopt($curl, CURLOPT_HEADER, true);
        $answer = (string) curl_exec($curl);
        $head = (int) curl_getinfo($curl, CURLINFO_HEADER_SIZE);
        $told = ['status' => (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), 'head' => substr($answer, 0, $head), 'body' => substr($answer, $head)];
        // Cookies are written when the handle goes.
        unset($curl);

        return $told;
    }

    /** @param  list<string>  $headers */
    private function prepared(string $url, array $headers, ?string $body, ?string $jar): \CurlHandle
    {
        $curl = curl_init($url) ?: self::fail('No question.');
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20, CURLOPT_CAINFO => "$this->state/lan-ca.crt", CURLOPT_HTTPHEADER => ['Accept: application/json', ...$headers]]
            + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body]) + ($jar === null ? [] : [CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar]));

        return $curl;
    }
}
