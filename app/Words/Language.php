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
        $names = [self::ENGLISH => 'English'];
        foreach (array_slice(self::codes(), 1) as $code) {
            $names[$code] = self::words($code)['language.name'] ?? $code;
        }

        return $names;
    }

    /** @return list<string> English first; no file is read for them */
    public static function codes(): array
    {
        /** @var array<string, list<string>> $found once a request: a printed file says hundreds of texts */
        static $found = [];
        $folder = config()->string('incastro.languages');

        return $found[$folder] ??= [self::ENGLISH, ...array_values(array_diff(
            array_map(fn (string $file): string => basename($file, '.json'), glob("$folder/*.json") ?: []), [self::ENGLISH]))];
    }

    /** The code of the language that whoever asks reads: chosen in their profile, else what their browser asks for. */
    public static function current(): string
    {
        $codes = self::codes();
        $chosen = Reader::language();

        return in_array($chosen, $codes, true) ? $chosen : request()->getPreferredLanguage($codes) ?? self::ENGLISH;
    }

    /**
     * A file that cannot be read is written about in the log and passed over: everybody is spoken to in English then, and nobody shut out.
     *
     * @return array<string, string> none where there is no such language
     */
    public static function words(string $code): array
    {
        static $read = [];
        $file = config()->string('incastro.languages')."/$code.json";
        if (! isset($read[$file])) {
            $words = is_file($file) ? rescue(fn (): mixed => json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR), []) : [];
            $read[$file] = array_filter((array) $words, is_string(...));
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

    /** What a reader calls an edge of a board; the browser has the same in measure/called.ts. */
    public static function called(string $edge): string
    {
        return match ($edge) {
            'left' => self::say('left'),
            'right' => self::say('right'),
            'front' => self::say('front'),
            'rear' => self::say('rear'),
            'top' => self::say('top'),
            'bottom' => self::say('bottom'),
            default => $edge,
        };
    }
}
