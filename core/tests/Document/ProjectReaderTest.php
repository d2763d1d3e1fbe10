<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document;

use Incastro\Core\Document\DocumentRejected;
use Incastro\Core\Document\Problem;
use Incastro\Core\Document\ProjectReader;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProjectReaderTest extends TestCase
{
    public function test_all_problems_are_collected_with_their_places(): void
    {
        $document = Sample::e1();
        $document['name'] = '';
        $document['pieces'][Sample::PIECE]['depth'] = 'deep';
        $document['stock'][Sample::PLY]['thickness'] = 0;
        $document['workshop']['kerf'] = -1;
        self::assertEqualsCanonicalizing(
            ['/name', '/pieces/'.Sample::PIECE.'/depth', '/stock/'.Sample::PLY.'/thickness', '/workshop/kerf'],
            array_map(fn (Problem $p): string => $p->pointer, self::problems($document)),
        );
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('spoilt')]
    public function test_each_wrong_thing_has_its_own_sentence(string $key, \Closure $spoil): void
    {
        self::assertSame($key, self::problems($spoil(Sample::e1()))[0]->says->key);
    }

    /** @return iterable<string, array{string, \Closure}> */
    public static function spoilt(): iterable
    {
        $piece = fn (array $d, string $key, mixed $value): array => array_replace_recursive($d, ['pieces' => [Sample::PIECE => [$key => $value]]]);
        yield 'another program' => ['document.not_a_project', fn (array $d): array => ['format' => 'other'] + $d];
        yield 'no version' => ['document.no_version', fn (array $d): array => ['version' => 'one'] + $d];
        yield 'newer' => ['document.newer_version', fn (array $d): array => ['version' => 7] + $d];
        yield 'zero width' => ['document.reading_not_positive', fn (array $d): array => Sample::take($d, Sample::id('W', 1), 0, 70)];
        yield 'negative width' => ['document.reading_not_positive', fn (array $d): array => Sample::take($d, Sample::id('W', 1), -3, 70)];
        yield 'a lean of a metre' => ['document.lean_too_large', fn (array $d): array => Sample::take($d, Sample::id('P', 1), 1000, 70)];
        yield 'off the grid' => ['document.length_off_grid', fn (array $d): array => $piece($d, 'depth', 1 / 3 + 300)];
        yield 'unknown edge' => ['document.choice_expected', fn (array $d): array => $piece($d, 'left', ['kind' => 'glue'])];
        yield 'unknown space' => ['document.space_unknown', fn (array $d): array => $piece($d, 'space', Sample::id('NOWHERE', 1))];
        yield 'unknown material' => ['document.material_unknown', fn (array $d): array => $piece($d, 'material', Sample::id('NONE', 1))];
        yield 'no bay' => ['document.bays_expected', function (array $d): array {
            $d['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [];

            return $d;
        }];
        yield 'id' => ['document.id_expected', fn (array $d): array => array_replace($d, ['spaces' => $d['spaces'] + ['kitchen' => []]])];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<Problem>
     */
    private static function problems(array $document): array
    {
        try {
            ProjectReader::read($document);
        } catch (DocumentRejected $e) {
            return $e->problems;
        }
        self::fail('The document was read.');
    }
}
