<?php

declare(strict_types=1);

namespace App\Words;

/**
 * The languages of this server, a file of words each: sentences of the core by their keys, and texts of the interface and of what is printed by their English.
 * What a language lacks stays English.
 */
final class Language
{
    public const ENGLISH = 'en';

    /** @return array<string, string> what each calls itself by its code, English first */
    public static function all(): array
    {
        $names = [];
        foreach (glob(config()->string('incastro.languages').'/*.json') ?: [] as $file) {
            $code = basename($file, '.json');
            $names[$code] = self::words($code)['language.name'] ?? $code;
        }

        return [self::ENGLISH => $names[self::ENGLISH] ?? 'English'] + $names;
    }

    /** The code of the language that whoever asks reads: chosen in their profile, else what their browser asks for. */
    public static function current(): string
    {
        $codes = array_keys(self::all());
        $chosen = Reader::language();

        return in_array($chosen, $codes, true) ? $chosen : request()->getPreferredLanguage($codes) ?? self::ENGLISH;
    }

    /** @return array<string, string> none where there is no such language */
    public static function words(string $code): array
    {
        static $read = [];
        $file = config()->string('incastro.languages')."/$code.json";
        if (! isset($read[$file])) {
            /** @var array<string, string> $words */
            $words = is_file($file) ? json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR) : [];
            $read[$file] = $words;
        }

        /** @var array<string, array<string, string>> $read */
        return $read[$file];
    }

    /** A text in the reader's language; `{0}`, `{1}` in it stand for the values. */
    public static function say(string $text, string|int|float ...$values): string
    {
        $code = self::current();
        $said = $code === self::ENGLISH ? $text : self::words($code)[$text] ?? $text;

        return $values === [] ? $said : (string) preg_replace_callback('/\{(\d)\}/', fn (array $m): string => (string) ($values[(int) $m[1]] ?? ''), $said);
    }
}
