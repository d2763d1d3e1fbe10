<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

/** What lies beside the core that its tests read: the documents of the demo house, the words, and how the schemas are written as PHP. */
final class Demo
{
    private const ROOT = __DIR__.'/../..';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(fn (string $f): string => basename($f, '.json'), glob(self::ROOT.'/database/demo/*.json') ?: []);
    }

    /** @return array<string, mixed> */
    public static function document(string $name): array
    {
        return self::json("database/demo/$name.json");
    }

    /** @return iterable<string, array<string, mixed>> by name */
    public static function documents(): iterable
    {
        foreach (self::names() as $name) {
            yield $name => self::document($name);
        }
    }

    /** @return array<string, string> by key, in English */
    public static function words(): array
    {
        return self::json('resources/lang/en.json');
    }

    /** @return array<array-key, mixed> */
    public static function json(string $file): array
    {
        return json_decode((string) file_get_contents(self::ROOT."/$file"), true, 512, JSON_THROW_ON_ERROR);
    }
}
