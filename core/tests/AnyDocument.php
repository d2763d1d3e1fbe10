<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Document\Model\ThingRule;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;

/** Random documents that can be read: measured niches with a plain piece, and wild surveys of any kind of space. Seeded by `mt_srand`. */
final class AnyDocument
{
    /** @return array<string, mixed> wild readings of every kind, sided and placed at random, some taken twice */
    public static function survey(): array
    {
        $document = Sample::empty('mm');
        $one = fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $low = $one(['back', 'left', 'right']);
        $document['spaces'][Sample::SPACE] = ['kind' => $one(SpaceKind::cases())->value,
            'left' => $one(SideKind::cases())->value, 'right' => $one(SideKind::cases())->value,
            'things' => []] + (mt_rand(0, 1) ? ['slope' => ['along' => $low === 'back' ? 'depth' : 'run', 'low' => $low, 'flat' => (bool) mt_rand(0, 1)]] : [])
            + $document['spaces'][Sample::SPACE];
        for ($i = 0, $n = mt_rand(0, 24); $i < $n; $i++) {
            $kind = $one(ReadingKind::cases());
            $reading = ['kind' => $kind->value, 'side' => $one(['left', 'right']),
                'plane' => $one(['front', 'back']), 'rise' => $one(['rising_left', 'rising_right']),
                'z' => mt_rand(1001, 2400), 'from_z' => mt_rand(0, 1000), 'run' => mt_rand(100, 900),
                'along_back' => mt_rand(100, 900), 'along_side' => mt_rand(100, 900), 'step' => mt_rand(1, 9)]
                + (mt_rand(0, 2) ? [] : ['x' => mt_rand(0, 2000)]) + (mt_rand(0, 2) ? [] : ['y' => mt_rand(0, 900)])
                    + (mt_rand(0, 2) ? [] : ['along' => $one(['run', 'depth'])]);
            if (in_array($kind, [ReadingKind::SlidEdge, ReadingKind::StepEdge], true)) {
                $reading['face'] = $one(['left', 'right']);
            } elseif ($kind === ReadingKind::Gap) {
                $reading += ['edge' => 'e'.mt_rand(0, 2), 'face' => $one(['left', 'right', 'back', 'floor', 'ceiling', 'slope'])];
            } elseif (mt_rand(0, 3) === 0 && $kind !== ReadingKind::Diagonal) {
                $reading['face'] = $kind === ReadingKind::Plumb ? 'back' : 'ceiling';
            } elseif ($kind === ReadingKind::Diagonal && mt_rand(0, 1)) {
                $reading['face'] = 'floor';
            }
            $id = Sample::id('ANY', $i);
            $document = Sample::reading($document, $id, $reading, $kind === ReadingKind::Gap || $kind->isSigned() ? mt_rand(0, 300) : mt_rand(1, 3000));
            if ($kind->findsPlace() && mt_rand(0, 3) > 0) {
                $document['facts'][array_key_last($document['facts'])] += ['z' => mt_rand(0, 2600), 'y' => mt_rand(0, 900)];
            }
            if ($kind->isAngle()) {
                $document['facts'][Sample::id('TAKE', count($document['facts']))] = ['kind' => 'take',
                    'reading' => $id, 'deg' => mt_rand(0, 1800) / 10, 'typed' => '?'];
            } elseif (mt_rand(0, 3) === 0) {
                $document = Sample::take($document, $id, mt_rand(1, 300), count($document['facts']) + 1);
            }
        }
        for ($i = 0, $n = mt_rand(0, 4); $i < $n; $i++) {
            $rule = ThingRule::of($kind = $one(ThingKind::cases()));
            $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', $i)] = ['kind' => $kind->value,
                'face' => $one($rule->faces)->value, 'treatment' => $one($rule->treatments)->value,
                'across' => mt_rand(0, 2500), 'up' => mt_rand(0, 2500), 'width' => mt_rand(0, 900),
                'height' => mt_rand(0, 900), 'out' => mt_rand(0, 300), 'from_right' => (bool) mt_rand(0, 1)];
        }

        return $document;
    }

    /** What numbers of a document may be at most, at least, or by the way. */
    private const EXTREMES = [0, 0.000025, 0.1, 1, -1, 12.7, 100, 300, -300, 600, 1000, 2000, 5000, 10_000, 19_999, 20_000, -20_000, 50_000];

    /**
     * The document with up to three of its numbers at an extreme that can still be read.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function atItsLimits(array $document): array
    {
        $numbers = self::numbers($document);
        for ($i = mt_rand(1, 3); $i > 0; $i--) {
            $tried = $document;
            $at = &$tried;
            foreach ($numbers[mt_rand(0, count($numbers) - 1)] as $key) {
                $at = &$at[$key];
            }
            $at = self::EXTREMES[mt_rand(0, count(self::EXTREMES) - 1)];
            unset($at);
            try {
                ProjectReader::read($tried);
                $document = $tried;
            } catch (DocumentRejected) {
            }
        }

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @param  list<int|string>  $path
     * @return list<list<int|string>> where its numbers stand
     */
    private static function numbers(array $value, array $path = []): array
    {
        $numbers = [];
        foreach ($value as $key => $item) {
            $at = [...$path, $key];
            match (true) {
                is_array($item) => array_push($numbers, ...self::numbers($item, $at)),
                is_int($item) || is_float($item) => $numbers[] = $at,
                default => null,
            };
        }

        return $numbers;
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $document = Sample::bays(Sample::empty(mt_rand(0, 1) ? 'mm' : 'in'), array_map(
            fn (): array => array_map(fn (): ?int => mt_rand(0, 3) ? null : mt_rand(20, 900), array_fill(0, mt_rand(0, 7), 0)),
            array_fill(0, mt_rand(1, 7), 0),
        ));
        $base = mt_rand(120, 3000);
        foreach ((array) array_rand(array_fill(0, 6, 0), mt_rand(1, 6)) as $i) {
            $document = Sample::width($document, $i, mt_rand(0, 2400), $base + mt_rand(-300, 300) / 10, mt_rand(0, 3) ? 'front' : 'back');
        }
        for ($i = 0, $n = mt_rand(0, 4); $i < $n; $i++) {
            $from = mt_rand(0, 1000);
            $document = Sample::plumb($document, $i, mt_rand(0, 1) ? 'left' : 'right', $from, $from + mt_rand(1, 1500), mt_rand(-3000, 3000) / 10);
        }
        $more = [['kind' => 'height', 'side' => 'left'], ['kind' => 'height', 'side' => 'right'], ['kind' => 'depth', 'side' => 'left'],
            ['kind' => 'level'], ['kind' => 'diagonal', 'rise' => 'rising_left'], ['kind' => 'diagonal', 'rise' => 'rising_right']];
        foreach ($more as $i => $reading) {
            if (mt_rand(0, 1)) {
                $document = Sample::reading($document, Sample::id('R', $i), $reading, $reading['kind'] === 'level' ? mt_rand(-40, 40) : mt_rand(100, 4000));
            }
        }

        return self::withAnyPiece($document);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function withAnyPiece(array $document): array
    {
        $kinds = ['filler', 'extended_stile', 'scribed_side', 'trim', 'play'];
        $piece = &$document['pieces'][Sample::PIECE];
        foreach (['left', 'right'] as $side) {
            $piece[$side] = ['kind' => $kinds[mt_rand(0, 4)], 'set_off' => mt_rand(0, 900) / 10];
        }
        [$piece['height'], $piece['depth']] = [mt_rand(200, 2800), mt_rand(80, 700)];
        if (mt_rand(0, 3) === 0) {
            $piece['width'] = mt_rand(100, 3000);
        }
        $piece['back_material'] = Sample::BACK;
        $piece['methods'] = ['front' => mt_rand(0, 1) ? 'banded' : 'face_frame', 'top' => mt_rand(0, 1) ? 'between' : 'capping',
            'shelves' => mt_rand(0, 1) ? 'pins' : 'fixed', 'back' => ['none', 'applied', 'captured'][mt_rand(0, 2)]];
        $document['stock'][Sample::PLY]['thickness'] = mt_rand(60, 400) / 10;
        $document['workshop']['kerf'] = mt_rand(0, 40) / 10;
        $document['workshop']['trim'] = mt_rand(0, 120) / 10;

        return $document;
    }
}
