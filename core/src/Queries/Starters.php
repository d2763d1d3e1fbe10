<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Document\Fields\FieldTable;
use Incastro\Core\Document\Fields\FieldType;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;

/**
 * Pieces to begin from: documents in the common vocabulary under core/starters, nothing else. Fitting one to a space gives it
 * new ids, the space's edges, no more height and depth than the room has, and round sizes of the document's unit.
 */
final class Starters
{
    /** Left over the top so that it can be stood up and slid in; more is said by the checks. */
    private const BELOW_CEILING_MM = 20;

    /** @return array<string, array<string, mixed>> by key */
    public static function all(): array
    {
        $all = [];
        foreach (glob(__DIR__.'/../../starters/*.json') ?: [] as $file) {
            /** @var array<string, mixed> $read */
            $read = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
            $all[basename($file, '.json')] = $read;
        }
        ksort($all);

        return $all;
    }

    /**
     * The operations that put a starter into a space, in the place of what was meant for it.
     *
     * @param  array<array-key, mixed>  $document
     * @param  \Closure(): string  $newId
     * @return list<array<string, mixed>>
     *
     * @throws DocumentRejected when the document cannot be read
     */
    public static function fitted(array $document, string $key, string $space, \Closure $newId): array
    {
        $starter = self::all()[$key] ?? throw new \OutOfBoundsException("No starter by that name: $key.");
        $project = ProjectReader::read($document);
        $in = $project->spaces[$space] ?? throw new \OutOfBoundsException("No space by that id: $space.");
        $room = (new Surveyor($project->workshop, $project->unit))->survey($in, Need::wholeOf($in));
        $ops = [];
        foreach ($project->pieces as $id => $piece) {
            if ($piece->space === $space) {
                $ops[] = ['op' => 'remove', 'path' => ['pieces', $id]];
            }
        }
        /** @var list<array<string, mixed>> $pieces */
        $pieces = $starter['pieces'];
        foreach ($pieces as $i => $template) {
            $ids = [];
            $own = self::renewed($template, $newId, $ids);
            $piece = self::inUnit($own, ['pieces' => ['own' => $own]], ['pieces', 'own'], $project->unit);
            $ops[] = ['op' => 'add', 'path' => ['pieces', $newId()],
                'value' => ['order' => sprintf('m%02d', $i)] + self::placed((array) $piece, $project, $in, $room)];
        }

        return $ops;
    }

    /**
     * @param  array<array-key, mixed>  $piece
     * @return array<array-key, mixed>
     */
    private static function placed(array $piece, Project $project, Space $space, Room $room): array
    {
        $stock = array_keys($project->stock);
        $piece = ['space' => $space->id, 'material' => $stock[0] ?? '', 'back_material' => $stock[1] ?? $stock[0] ?? '']
            + $piece;
        foreach (Side::cases() as $side) {
            $piece[$side->value] ??= self::edge($space->side($side), $project->unit);
        }
        $depth = self::length($piece['depth'] ?? 0);
        if ($room->leastDepth() !== null && $space->left === SideKind::Wall && $space->right === SideKind::Wall) {
            $depth = Length::least($depth, $room->leastDepth());
        }
        $piece['depth'] = self::round($depth, $project->unit)->millimetres();
        $piece = self::narrowed($piece, $space, $room);
        $over = $space->slope === null ? $room->lowestOverhead(Length::zero(), $room->sizes->width, $depth)
            : $room->highestAtFront(Length::zero(), $room->sizes->width, $depth);
        if ($over !== null) {
            $most = $over->minus($room->floorHighPoint())->minus(Length::fromMillimetres(self::BELOW_CEILING_MM));
            $piece['height'] = self::round(Length::least(self::length($piece['height'] ?? 0), $most), $project->unit)->millimetres();
        }

        return $piece;
    }

    /**
     * A chosen width that the walls do not give is left to the fit.
     *
     * @param  array<array-key, mixed>  $piece
     * @return array<array-key, mixed>
     */
    private static function narrowed(array $piece, Space $space, Room $room): array
    {
        $between = $space->left !== SideKind::Open && $space->right !== SideKind::Open;
        if (isset($piece['width']) && $between && ! self::length($piece['width'])
            ->plus(Length::fromMillimetres(self::BELOW_CEILING_MM))->isLessThan($room->sizes->width)) {
            unset($piece['width'], $piece['stand']);
        }

        return $piece;
    }

    /** @return array<string, mixed> */
    private static function edge(SideKind $side, Unit $unit): array
    {
        $kind = $side === SideKind::Wall ? EdgeKind::Filler : EdgeKind::Play;
        $setOff = match ($side) {
            SideKind::Wall => $kind->usualSetOff(),
            SideKind::Appliance => Length::fromMillimetres(10),
            SideKind::Open => Length::zero(),
        };

        return ['kind' => $kind->value, 'set_off' => self::rounded($setOff, $unit)->millimetres()];
    }

    /**
     * With ids of its own in the place of the starter's names.
     *
     * @param  array<array-key, mixed>  $value
     * @param  \Closure(): string  $newId
     * @param  array<string, string>  $ids
     * @return array<array-key, mixed>
     */
    private static function renewed(array $value, \Closure $newId, array &$ids): array
    {
        $new = [];
        foreach ($value as $key => $item) {
            if (is_string($key) && preg_match('/^[a-z]\d+$/', $key) === 1) {
                $key = $ids[$key] ??= $newId();
            }
            $new[$key] = match (true) {
                is_array($item) => self::renewed($item, $newId, $ids),
                is_string($item) && isset($ids[$item]) => $ids[$item],
                default => $item,
            };
        }

        return $new;
    }

    /**
     * Lengths in round numbers of the unit.
     *
     * @param  array<array-key, mixed>  $value
     * @param  array<array-key, mixed>  $document  that holds it
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function inUnit(array $value, array $document, array $path, Unit $unit): array
    {
        $new = [];
        foreach ($value as $key => $item) {
            $at = [...$path, (string) $key];
            $isLength = (is_int($item) || is_float($item)) && FieldTable::at($document, $at) === FieldType::Length;
            $new[$key] = is_array($item) ? self::inUnit($item, $document, $at, $unit)
                : ($isLength ? self::rounded(Length::fromMillimetres($item), $unit)->millimetres() : $item);
        }

        return $new;
    }

    private static function length(mixed $mm): Length
    {
        return Length::fromMillimetres(is_int($mm) || is_float($mm) ? $mm : 0);
    }

    /** To the eighth of an inch, small ones to the thirty-second; millimetres as they are. */
    private static function rounded(Length $length, Unit $unit): Length
    {
        if ($unit === Unit::Millimetre) {
            return $length;
        }
        $step = $length->isLessThan(Length::fromMillimetres(12)) ? 2 * Length::PER_SIXTY_FOURTH : 8 * Length::PER_SIXTY_FOURTH;

        return Length::ofUnits((int) round($length->units / $step) * $step);
    }

    /** Down to whole 5 mm or quarter inches: what the room allows is not to be exceeded. */
    private static function round(Length $length, Unit $unit): Length
    {
        $step = $unit === Unit::Millimetre ? 5 * Length::PER_MM : 16 * Length::PER_SIXTY_FOURTH;

        return Length::ofUnits(intdiv($length->units, $step) * $step);
    }
}
