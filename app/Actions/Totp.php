<?php

declare(strict_types=1);

namespace App\Actions;

/** One-time codes by the time: RFC 6238 over RFC 4226 (HMAC-SHA-1, steps of 30 s, six digits), secrets in base 32 (RFC 4648). */
final class Totp
{
    public const STEP_S = 30;

    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** 160 bits, as RFC 4226 recommends. */
    public static function secret(): string
    {
        return self::written(random_bytes(20));
    }

    /** The code of a step: of so many digits, zeros in front. */
    public static function code(string $secret, int $step, int $digits = 6): string
    {
        $mac = hash_hmac('sha1', pack('J', $step), self::read($secret), true);
        $at = ord($mac[19]) & 15;
        /** @var array{1: int} $number */
        $number = unpack('N', substr($mac, $at, 4));

        return str_pad((string) (($number[1] & 0x7FFFFFFF) % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * The step that a code is of: the one of that time or either beside it, for clocks that differ, and none that was used.
     *
     * @param  int  $after  the last step whose code was used
     */
    public static function step(string $secret, string $code, int $time, int $after): ?int
    {
        $found = null;
        foreach ([0, -1, 1] as $off) {
            $step = intdiv($time, self::STEP_S) + $off;
            // All three are compared, so that how long it takes says nothing.
            if (hash_equals(self::code($secret, $step), $code) && $step > $after) {
                $found ??= $step;
            }
        }

        return $found;
    }

    /** What an authenticator reads from the picture. */
    public static function address(string $secret, string $account): string
    {
        return 'otpauth://totp/'.rawurlencode("Incastro:$account").'?'.http_build_query(['secret' => $secret, 'issuer' => 'Incastro'], '', '&', PHP_QUERY_RFC3986);
    }

    private static function written(string $bytes): string
    {
        $bits = implode('', array_map(fn (string $c): string => sprintf('%08b', ord($c)), str_split($bytes)));

        return implode('', array_map(fn (string $five): string => self::LETTERS[bindec(str_pad($five, 5, '0'))], str_split($bits, 5)));
    }

    private static function read(string $secret): string
    {
        $bits = implode('', array_map(fn (string $c): string => sprintf('%05b', (int) strpos(self::LETTERS, $c)), str_split($secret)));

        return implode('', array_map(fn (string $eight): string => chr((int) bindec($eight)), array_filter(str_split($bits, 8), fn (string $e): bool => strlen($e) === 8)));
    }
}
