<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** When the certificates of the home network are made anew (support/run/lan.sh); what they vouch for is in LanTest. */
final class CertificateTest extends TestCase
{
    public function test_they_are_made_anew_for_another_network_name_or_address_and_else_kept(): void
    {
        $root = dirname(__DIR__, 2);
        $state = sys_get_temp_dir().'/incastro-ca-'.getmypid();
        mkdir($state);
        // Who this machine is, is said by the test.
        $made = function (string $address, string $prefix, string $name) use ($root, $state): array {
            $script = 'set -euo pipefail; . support/run/say.sh; . support/run/lan.sh; own_address() { echo '.$address.'; }; ip() { echo "2: eth0 inet '.$address.'/'.$prefix.' brd x"; };'
                .' hostname() { echo '.$name.'; }; make_certificate';
            exec('cd '.escapeshellarg($root)." && STATE=$state bash -c ".escapeshellarg($script).' 2>&1', $said, $code);
            self::assertSame(0, $code, implode("\n", $said));
            exec("openssl verify -CAfile $state/lan-ca.crt -verify_ip $address $state/lan.crt 2>&1", $says);
            self::assertStringContainsString('lan.crt: OK', implode("\n", $says));

            return [hash_file('sha256', "$state/lan-ca.crt"), hash_file('sha256', "$state/lan.crt")];
        };
        $first = $made('192.168.7.20', '24', 'shed');
        self::assertSame($first, $made('192.168.7.20', '24', 'shed'), 'kept');
        $moved = $made('192.168.7.31', '24', 'shed');
        self::assertSame([true, false], [$first[0] === $moved[0], $first[1] === $moved[1]], 'another address: phones need not trust anew');
        $named = $made('192.168.7.31', '24', 'barn');
        self::assertSame([false, false], [$moved[0] === $named[0], $moved[1] === $named[1]], 'another name');
        $elsewhere = $made('10.0.3.5', '16', 'barn');
        self::assertSame([false, false], [$named[0] === $elsewhere[0], $named[1] === $elsewhere[1]], 'another network');
        self::assertStringContainsString('IP:10.0.0.0/255.255.0.0', (string) shell_exec("openssl x509 -in $state/lan-ca.crt -noout -text"));
        exec("rm -rf $state");
    }
}
