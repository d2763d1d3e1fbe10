<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\WayKind;
use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Fit\Entry\IntoPlace;
use Incastro\Core\Fit\Entry\Journey;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\Entry\Passing;
use Incastro\Core\Fit\Entry\Pose;
use Incastro\Core\Fit\Entry\Section;
use Incastro\Core\Fit\Entry\Standing;
use Incastro\Core\Fit\Entry\Verdict;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;

/**
 * Whether each box of a piece goes in: along the way in, carried level, and in section, raised and slid to its place. A search, so it
 * stands outside `plan()`; bounded by a count, and the same document always gets the same answer. Numbers in mm.
 */
final class EntrySearch
{
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
        $project = $built->project;
        $rooms = array_filter($project->wayIn, fn (WaySegment $s): bool => $s->kind === WayKind::Room);
        $last = end($rooms);
        $standing = new Standing($built->room, $built->box, $last === false ? null : (float) $last->height->millimetres());

        return array_map(fn (Load $load): array => self::load($project, $piece, $load, $standing), $built->loads);
    }

    /** @return array<string, mixed> */
    private static function load(Project $project, Piece $piece, Load $load, Standing $standing): array
    {
        $legs = [];
        $verdict = $project->wayIn === [] ? Verdict::NotKnown : Verdict::Goes;
        $isUpright = true;
        foreach ($project->wayIn as $segment) {
            $leg = Passing::of($segment, $load);
            $verdict = $leg['verdict']->isWorseThan($verdict) ? $leg['verdict'] : $verdict;
            $isUpright = $isUpright && $leg['pose'] === Pose::Upright->value;
            $legs[] = ['segment' => $segment->id, 'kind' => $segment->kind->value, 'name' => $segment->name] + $leg + ['says' => self::saysOfLeg($leg, $load)];
        }
        $turned = Journey::of($project->wayIn, $load)->turned;
        $verdict = $turned !== null && Verdict::NotFound->isWorseThan($verdict) ? Verdict::NotFound : $verdict;
        $place = IntoPlace::of($load, $standing, $isUpright);
        $verdict = $place->verdict->isWorseThan($verdict) ? $place->verdict : $verdict;

        return ['id' => $load->id, 'name' => $load->name, 'verdict' => $verdict->value,
            'size' => [$load->widthMm, $load->depthMm, $load->heightMm], 'kg' => $load->kg, 'people' => $load->people(),
            'legs' => array_map(fn (array $l): array => ['verdict' => $l['verdict']->value] + $l, $legs),
            'place' => $place,
            'turned' => $turned === null ? null : Text::of('entry.turned', way: $turned[0]->name, next: $turned[1]->name,
                needs: IntoPlace::length($turned[2]), has: IntoPlace::length($turned[3])),
            'split' => ! $verdict->isWorseThan(Verdict::NotKnown) ? null : self::split($project, $load, $standing)];
    }

    /** @param  array{verdict: Verdict, pose: string|null, spare: float, headroom: float, off: string|null}  $leg */
    private static function saysOfLeg(array $leg, Load $load): Text
    {
        $least = min($load->widthMm, $load->depthMm, $load->heightMm);

        return match ($leg['verdict']) {
            Verdict::Goes => Text::of("entry.leg_goes_{$leg['pose']}", spare: IntoPlace::length($leg['spare']), headroom: IntoPlace::length($leg['headroom'])),
            Verdict::GoesIf => Text::of("entry.leg_if_{$leg['pose']}", off: $leg['off'] ?? '', spare: IntoPlace::length($leg['spare'])),
            Verdict::Cannot => Text::of('entry.leg_cannot', least: IntoPlace::length($least)),
            Verdict::NotKnown, Verdict::NotFound => $leg['spare'] < 0.0 ? Text::of('entry.leg_narrow', by: IntoPlace::length(-2 * $leg['spare']))
                : Text::of('entry.leg_low', by: IntoPlace::length(-$leg['headroom'])),
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
            if ($passes && $part->widthMm <= $mouth && IntoPlace::raising($part, $section, $standing)->way(plainOnly: true) !== null) {
                return match (true) {
                    $across === 1 => Text::of('entry.split_height', n: $up, each: IntoPlace::length($part->heightMm)),
                    $up === 1 => Text::of('entry.split_width', n: $across, each: IntoPlace::length($part->widthMm)),
                    default => Text::of('entry.split_both', across: $across,
                        wide: IntoPlace::length($part->widthMm), up: $up, high: IntoPlace::length($part->heightMm)),
                };
            }
        }

        return null;
    }
}
