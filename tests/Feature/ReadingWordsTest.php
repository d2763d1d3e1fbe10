<?php

declare(strict_types=1);

namespace Tests\Feature;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Rise;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Document\Reading\ReadingReader;
use Incastro\Core\Survey\Readings\Measurements;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Wherever a document may put a reading, it has a name that says where. */
final class ReadingWordsTest extends TestCase
{
    /** @return iterable<string, array{ReadingKind}> */
    public static function kinds(): iterable
    {
        foreach (ReadingKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_place_of_a_reading_has_a_name(ReadingKind $kind): void
    {
        $words = json_decode((string) file_get_contents(__DIR__.'/../../resources/lang/en.json'), true, 8, JSON_THROW_ON_ERROR);
        $missing = [];
        $read = 0;
        foreach (self::places($kind) as $place) {
            $reading = self::read($place);
            if ($reading === null) {
                continue;
            }
            $read++;
            $key = Measurements::of($reading->kind)->name($reading)->key;
            if (! isset($words[$key])) {
                $missing[$key] = json_encode($place, JSON_THROW_ON_ERROR);
            }
        }
        self::assertGreaterThan(0, $read);
        self::assertSame([], $missing);
        self::assertArrayHasKey("help.reading.{$kind->value}", $words);
    }

    /** @return iterable<array<string, mixed>> every way to say where, sensible or not */
    private static function places(ReadingKind $kind): iterable
    {
        $given = ['kind' => $kind->value, 'from_z' => 100, 'run' => 500, 'along_back' => 600, 'along_side' => 450, 'edge' => 'one', 'step' => 1];
        foreach ([null, ...Side::cases()] as $side) {
            foreach (Plane::cases() as $plane) {
                foreach ([null, ...Face::cases()] as $face) {
                    foreach ([null, ...Along::cases()] as $along) {
                        foreach ([[], ['x' => 300], ['y' => 200], ['x' => 300, 'y' => 200]] as $at) {
                            foreach (Rise::cases() as $rise) {
                                foreach ([0, 900] as $z) {
                                    yield array_filter(['side' => $side?->value, 'plane' => $plane->value, 'face' => $face?->value,
                                        'along' => $along?->value, 'rise' => $rise->value], fn (?string $v): bool => $v !== null) + $at + ['z' => $z] + $given;
                                }
                            }
                        }
                    }
                }
            }
        }
    }

    /** @param  array<string, mixed>  $place */
    private static function read(array $place): ?Reading
    {
        /** @var \ArrayObject<int, Problem> $problems */
        $problems = new \ArrayObject;
        $reading = ReadingReader::reading(new Node($place, '', $problems), '01J0000000000000000000READ', []);

        return count($problems) === 0 ? $reading : null;
    }
}
