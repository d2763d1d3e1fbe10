<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Catalogue;
use Incastro\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The same samples as the browser's catalogue (resources/js/measure/words.test.ts). */
final class WordsTest extends TestCase
{
    /** @param  array<string, mixed>  $text */
    #[DataProvider('samples')]
    public function test_renders(array $text, string $unit, string $expected): void
    {
        self::assertSame($expected, str_replace("\u{00A0}", ' ', Catalogue::own(Unit::from($unit))->renderPlain($text)));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function samples(): iterable
    {
        $samples = json_decode((string) file_get_contents(__DIR__.'/../../core/tests/fixtures/words.json'), true, 16, JSON_THROW_ON_ERROR);
        foreach ($samples as $i => $sample) {
            foreach (['mm', 'in'] as $unit) {
                yield "$i in $unit" => [$sample['text'], $unit, $sample[$unit]];
            }
        }
    }

    public function test_inexact_lengths_say_so(): void
    {
        self::assertSame('≈ 486.5', Catalogue::own()->length(486.533325, false));
        self::assertSame('486.5', Catalogue::own()->length(486.5));
        self::assertSame('19 5/32', Catalogue::own(Unit::Inch)->length(486.5));
    }
}
