<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Language;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Request;

/**
 * A password that whoever guesses tries first is none: what the commonest are made of (resources/passwords.txt), one key over and over, keys in a row,
 * or the person's own name and address.
 */
final class NotCommon implements ValidationRule
{
    private const ROWS = ['01234567890', 'abcdefghijklmnopqrstuvwxyz', 'qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertzuiop', 'yxcvbnm', 'azertyuiop', 'qsdfghjklm', 'wxcvbn'];

    private const READ_AS = ['0' => 'o', '1' => 'i', '3' => 'e', '4' => 'a', '5' => 's', '7' => 't', '@' => 'a', '$' => 's'];

    /** @var array<string, true>|null */
    private static ?array $words = null;

    /** @param  Closure(string): \Illuminate\Translation\PotentiallyTranslatedString  $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $own = array_filter([Request::input('name'), Request::input('email'), Request::user()?->name, Request::user()?->email], is_string(...));
        if (is_string($value) && self::isCommon($value, array_values($own))) {
            $fail(Language::say('This password is among the first that are guessed; expected one that is not made of common words, keys in a row or your own name. Four words of your own will do.'));
        }
    }

    /** @param  list<string>  $own  names and addresses of the person */
    public static function isCommon(string $password, array $own = []): bool
    {
        $low = mb_strtolower($password);
        $keys = trim($low, '0123456789') === '' ? $low : rtrim($low, '0123456789');
        if (count(array_unique(mb_str_split($low))) <= 3 || self::isRow($low) || (strlen($keys) > 4 && self::isRow($keys))) {
            return true;
        }
        $words = self::words();
        foreach ($own as $name) {
            $parts = preg_split('/[^\p{L}]+/u', mb_strtolower($name), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $words += array_fill_keys(array_filter($parts, fn (string $p): bool => mb_strlen($p) >= 3), true);
        }
        // As it is typed, and with the digits that stand for letters read as those.
        foreach ([$low, strtr($low, self::READ_AS)] as $read) {
            if (self::isMadeOf(trim(preg_replace('/[^\p{L}]+/u', ' ', $read) ?? ''), $words)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Nothing but words of the list: one, or the same few run together. Four different ones are a password.
     *
     * @param  array<string, true>  $words
     */
    private static function isMadeOf(string $letters, array $words): bool
    {
        $found = [];
        foreach (explode(' ', $letters) as $run) {
            while ($run !== '') {
                $taken = null;
                for ($n = strlen($run); $n >= 3 && $taken === null; $n--) {
                    $taken = isset($words[substr($run, 0, $n)]) ? substr($run, 0, $n) : null;
                }
                if ($taken === null) {
                    // A letter or two at the end are no more than a digit is.
                    if (strlen($run) > 2) {
                        return false;
                    }
                    break;
                }
                $found[$taken] = true;
                $run = substr($run, strlen($taken));
            }
        }

        return count($found) < 4;
    }

    /** Keys in a row, forward or back, again and again. */
    private static function isRow(string $low): bool
    {
        foreach (self::ROWS as $row) {
            foreach ([$row, strrev($row)] as $keys) {
                $again = str_repeat($keys, (int) ceil(strlen($low) / strlen($keys)) + 1);
                if (str_contains($again, $low)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, true> */
    private static function words(): array
    {
        if (self::$words === null) {
            $lines = file(resource_path('passwords.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
            self::$words = array_fill_keys(array_filter($lines, fn (string $line): bool => $line[0] !== '#'), true);
        }

        return self::$words;
    }
}
