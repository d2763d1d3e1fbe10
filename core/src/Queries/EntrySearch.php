<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Design\Weight;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Document\Model\WayKind;
use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\Entry\Loads;
use Incastro\Core\Fit\Entry\Passing;
use Incastro\Core\Fit\Entry\Pose;
use Incastro\Core\Fit\Entry\Raising;
use Incastro\Core\Fit\Entry\Section;
use Incastro\Core\Fit\Entry\Standing;
use Incastro\Core\Fit\Entry\Tilt;
use Incastro\Core\Fit\Entry\Verdict;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;

/**
 * Whether each box of a piece goes in: along the way in, carried level, and in section, raised and slid to its place. A search, so it
 * stands outside `plan()`; bounded by a count, and the same document always gets the same answer. Numbers in mm.
 */
final class EntrySearch
{
    /** What comes off with a screwdriver or a bar, and goes back on. */
    private const REMOVABLE = [ThingKind::WallPlate, ThingKind::Light, ThingKind::Baseboard, ThingKind::Shoe,
        ThingKind::WindowTrim, ThingKind::DoorTrim, ThingKind::Detector, ThingKind::Radiator];

    /** Play under the lowest ceiling while it is raised (fieldbook §8). */
    private const PLAY_MM = 5.0;

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<array<string, mixed>> one answer a box
     *
     * @throws DocumentRejected when the document cannot be read
     * @throws \OutOfBoundsException when it has no such piece
     */
    public static function of(array $document, string $pieceId): array
    {
        $planning = new Planning($document);
        $piece = $planning->project->pieces[$pieceId] ?? throw new \OutOfBoundsException("No piece by that id: $pieceId.");
        $built = $planning->pieces()[$piece->id] ?? null;
        if ($built === null) {
            return [];
        }
        [$project, $room, $design, $fit] = [$built->project, $built->room, $built->design, $built->fit];
        $rooms = array_filter($project->wayIn, fn (WaySegment $s): bool => $s->kind === WayKind::Room);
        $last = end($rooms);
        $standing = new Standing($room, $fit->box, $last === false ? null : (float) $last->height->millimetres());

        return array_map(fn (Load $load): array => self::load($project, $piece, $load, $standing), (new Loads(new Weight($project->stock)))->of($design, $fit));
    }

    /** @return array<string, mixed> */
    private static function load(Project $project, Piece $piece, Load $load, Standing $standing): array
    {
        $legs = [];
        $verdict = Verdict::Goes;
        $isUpright = true;
        foreach ($project->wayIn as $segment) {
            $leg = Passing::of($segment, $load);
            $verdict = $leg['verdict']->isWorseThan($verdict) ? $leg['verdict'] : $verdict;
            $isUpright = $isUpright && $leg['pose'] === Pose::Upright->value;
            $legs[] = ['segment' => $segment->id, 'kind' => $segment->kind->value, 'name' => $segment->name] + $leg + ['says' => self::saysOfLeg($leg, $load)];
        }
        $place = self::place($load, $standing, $isUpright);
        $verdict = $place['verdict']->isWorseThan($verdict) ? $place['verdict'] : $verdict;

        return ['id' => $load->id, 'name' => $load->name, 'verdict' => $verdict->value,
            'size' => [$load->widthMm, $load->depthMm, $load->heightMm], 'kg' => $load->kg, 'people' => $load->people(),
            'legs' => array_map(fn (array $l): array => ['verdict' => $l['verdict']->value] + $l, $legs),
            'place' => ['verdict' => $place['verdict']->value] + $place,
            'split' => $verdict === Verdict::Goes || $verdict === Verdict::GoesIf ? null : self::split($project, $load, $standing)];
    }

    /** @return array<string, mixed>&array{verdict: Verdict} */
    private static function place(Load $load, Standing $standing, bool $carriedUpright): array
    {
        $section = $standing->section($load->place);
        $mouth = $standing->mouth();
        if ($mouth !== null && $load->widthMm > $mouth) {
            return self::placed(Verdict::NotFound, $load, $section, $standing, null,
                Text::of('entry.mouth_narrow', width: self::length($load->widthMm), mouth: self::length($mouth), by: self::length($load->widthMm - $mouth)));
        }
        $way = self::raising($load, $section, $standing)->way();
        if ($way !== null) {
            return self::placed(Verdict::Goes, $load, $section, $standing, $way,
                Text::of($way['searched'] ? 'entry.place_searched' : 'entry.place_goes', clear: self::length($way['clearance'])));
        }
        foreach ($standing->blocking($load->place) as $placed) {
            if (in_array($placed->thing->kind, self::REMOVABLE, true)) {
                $without = $standing->section($load->place, [$placed->thing->id]);
                $way = self::raising($load, $without, $standing)->way();
                if ($way !== null) {
                    return self::placed(Verdict::GoesIf, $load, $without, $standing, $way,
                        Text::of('entry.place_without', thing: $placed->name(), clear: self::length($way['clearance'])));
                }
            }
        }
        foreach (['frame' => $load->framesMm, 'back' => $load->backMm, 'both' => $load->framesMm + $load->backMm] as $what => $mm) {
            $thinner = $load->without($mm);
            $way = $mm > 0.0 && ($what !== 'both' || ($load->framesMm > 0.0 && $load->backMm > 0.0))
                ? self::raising($thinner, $section, $standing)->way(plainOnly: true) : null;
            if ($way !== null) {
                return self::placed(Verdict::GoesIf, $thinner, $section, $standing, $way,
                    Text::of("entry.place_without_$what", clear: self::length($way['clearance'])));
            }
        }
        $needs = self::raising($load, $section, $standing)->needs() + self::PLAY_MM;
        $over = $needs - $section->highest();
        $way = self::raising($load, $section, $standing)->way(true);
        if ($way !== null) {
            return self::placed($carriedUpright ? Verdict::Goes : Verdict::GoesIf, $load, $section, $standing, $way,
                Text::of($carriedUpright ? 'entry.place_upright' : 'entry.place_if_upright', needs: self::length($needs), by: self::length($over)));
        }

        return $over > 0.0
            ? self::placed(Verdict::Cannot, $load, $section, $standing, null,
                Text::of('entry.place_cannot_tip', needs: self::length($needs), has: self::length($section->highest()), by: self::length($over)))
            : self::placed(Verdict::NotFound, $load, $section, $standing, null, Text::of('entry.place_not_found', step: self::length(Raising::STEP_MM)));
    }

    private static function raising(Load $load, Section $section, Standing $standing): Raising
    {
        $mm = fn (Length $l): float => (float) $l->millimetres();
        $rear = $mm($load->place->corner->y);

        return new Raising($section, $load->shape, $rear, max(0.0, $mm($load->place->corner->z) - $standing->floor()), $rear + $load->depthMm);
    }

    /**
     * @param  array{poses: non-empty-list<Tilt>, clearance: float, searched: bool}|null  $way
     * @return array<string, mixed>&array{verdict: Verdict}
     */
    private static function placed(Verdict $verdict, Load $load, Section $section, Standing $standing, ?array $way, Text $says): array
    {
        return ['verdict' => $verdict, 'says' => $says, 'clearance' => $way === null || is_infinite($way['clearance'])
            ? null : floor($way['clearance'] * 10) / 10, 'searched' => $way['searched'] ?? true,
            'needs' => round(self::raising($load, $section, $standing)->needs(), 1), 'highest' => round($section->highest(), 1),
            'shape' => $load->shape, 'overhead' => $section->overhead, 'blocks' => $section->blocks, 'base' => $section->base, 'wall' => $section->wall,
            'path' => array_map(fn (Tilt $t): array => ['y' => round($t->y, 2), 'deg' => round($t->deg, 2), 'lift' => round($t->lift, 2)],
                $way['poses'] ?? self::raising($load, $section, $standing)->plain(false))];
    }

    /** @param  array{verdict: Verdict, pose: string|null, spare: float, headroom: float, off: string|null}  $leg */
    private static function saysOfLeg(array $leg, Load $load): Text
    {
        $least = min($load->widthMm, $load->depthMm, $load->heightMm);

        return match ($leg['verdict']) {
            Verdict::Goes => Text::of("entry.leg_goes_{$leg['pose']}", spare: self::length($leg['spare']), headroom: self::length($leg['headroom'])),
            Verdict::GoesIf => Text::of("entry.leg_if_{$leg['pose']}", off: $leg['off'] ?? '', spare: self::length($leg['spare'])),
            Verdict::Cannot => Text::of('entry.leg_cannot', least: self::length($least)),
            Verdict::NotFound => $leg['spare'] < 0.0 ? Text::of('entry.leg_narrow', by: self::length(-2 * $leg['spare']))
                : Text::of('entry.leg_low', by: self::length(-$leg['headroom'])),
        };
    }

    /** In how few equal boxes, side by side and one on the other, it goes; null where not even eight do. */
    private static function split(Project $project, Load $load, Standing $standing): ?Text
    {
        [$section, $mouth] = [$standing->section($load->place), $standing->mouth() ?? INF];
        foreach ([[1, 2], [2, 1], [1, 3], [3, 1], [2, 2], [4, 1], [3, 2], [4, 2]] as [$across, $up]) {
            $part = $load->as($load->widthMm / $across, $load->heightMm / $up);
            $legs = array_map(fn (WaySegment $s): Verdict => Passing::of($s, $part)['verdict'], array_values($project->wayIn));
            $passes = array_filter($legs, fn (Verdict $v): bool => $v->isWorseThan(Verdict::GoesIf)) === [];
            if ($passes && $part->widthMm <= $mouth && self::raising($part, $section, $standing)->way(plainOnly: true) !== null) {
                return match (true) {
                    $across === 1 => Text::of('entry.split_height', n: $up, each: self::length($part->heightMm)),
                    $up === 1 => Text::of('entry.split_width', n: $across, each: self::length($part->widthMm)),
                    default => Text::of('entry.split_both', across: $across, wide: self::length($part->widthMm), up: $up, high: self::length($part->heightMm)),
                };
            }
        }

        return null;
    }

    private static function length(float $mm): Length
    {
        return Length::ofUnits(Rounding::Nearest->apply((is_infinite($mm) ? 9999.0 : $mm) * 10) * intdiv(Length::PER_MM, 10));
    }
}
