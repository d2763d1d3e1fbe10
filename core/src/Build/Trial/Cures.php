<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Trial;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What cures a reading that is off its limit: which corner is pushed, what is trimmed, packed, filled or cut anew. */
final class Cures
{
    /** A wider joint is not closed by a clamp; a wider gap is not caulked (our own figures). */
    private const CLAMP_MM = 1.5;

    private const CAULK_MM = 3;

    /** Diagonals further from what the sides give: a side is not as planned. */
    private const SIDES_MM = 2;

    /** @return list<Text> none while it is within its limits, or not read */
    public static function of(Trial $trial): array
    {
        return match ($trial->kind) {
            TrialKind::Square => self::square($trial),
            TrialKind::Joints => array_map(self::joint(...), $trial->off()),
            TrialKind::Level => array_map(
                fn (TrialPoint $p): Text => Text::of($p->off()->isNegative() ? 'cure.lower' : 'cure.pack', at: $p->name, by: $p->off()->absolute()),
                $trial->off()),
            TrialKind::Edge => self::edge($trial),
            TrialKind::Play => self::play($trial),
        };
    }

    /**
     * How far the top has gone to the right of the foot of a w × h frame with the diagonals d1 (foot left to top right) and d2:
     * (d1² − d2²)/4w (fieldbook §3).
     */
    public static function racking(Length $first, Length $second, Length $width): Length
    {
        [$a, $b, $w] = [$first->units / Length::PER_MM, $second->units / Length::PER_MM, $width->units / Length::PER_MM];

        return Length::nearestTenth(($a * $a - $b * $b) / (4 * $w));
    }

    /** @return list<Text> */
    private static function square(Trial $trial): array
    {
        [$first, $second] = $trial->points;
        if ($first->value === null || $second->value === null) {
            return [];
        }
        $cures = [];
        // Where the sides are not alike the diagonals are not either: what counts is how far each is off.
        [$one, $other] = [$first->value->minus($first->expected), $second->value->minus($second->expected)];
        if ($one->minus($other)->absolute()->isGreaterThan($trial->kind->limit())) {
            $racking = self::racking($first->value, $second->value, $trial->width)->minus(self::racking($first->expected, $second->expected, $trial->width));
            $cures[] = Text::of($racking->isNegative() ? 'cure.push_right' : 'cure.push_left', by: $racking->absolute());
        }
        $mean = Length::ofUnits(intdiv($first->value->units + $second->value->units, 2));
        $meant = Length::ofUnits(intdiv($first->expected->units + $second->expected->units, 2));
        $isOff = $mean->minus($meant)->absolute()->isGreaterThan(Length::fromMillimetres(self::SIDES_MM));

        return $isOff ? [...$cures, Text::of('cure.sides', mean: $mean, diagonal: $meant)] : $cures;
    }

    private static function joint(TrialPoint $point): Text
    {
        $key = $point->off()->isGreaterThan(Length::fromMillimetres(self::CLAMP_MM)) ? 'cure.joint_short' : 'cure.clamp';

        return Text::of($key, at: $point->name, by: $point->off()->absolute());
    }

    /** @return list<Text> */
    private static function edge(Trial $trial): array
    {
        $binds = array_values(array_filter($trial->read(), fn (TrialPoint $p): bool => $p->off()->isNegative()));
        if ($binds !== []) {
            return array_map(fn (TrialPoint $p): Text => Text::of('cure.trim', at: $p->name, by: $p->off()->absolute()), $binds);
        }
        if ($trial->off() === []) {
            return [];
        }
        $most = Length::greatest(...array_map(fn (TrialPoint $p): Length => $p->off(), $trial->off()));
        if ($trial->caulked && ! $most->isGreaterThan(Length::fromMillimetres(self::CAULK_MM))) {
            return [Text::of('cure.caulk', most: $most)];
        }
        $takes = array_values(array_filter($trial->read(), fn (TrialPoint $p): bool => $most->minus($p->off())->isPositive()));

        return [Text::of('cure.scribe_again', setting: $most),
            ...array_map(fn (TrialPoint $p): Text => Text::of('cure.takes', at: $p->name, by: $most->minus($p->off())), $takes)];
    }

    /**
     * Along a wall the play differs at foot and head: the piece leans. What it leans over its height is packed under one side over its
     * width: by similar triangles, pack = lean × width / height. Off by as much everywhere, it stands too far over.
     *
     * @return list<Text>
     */
    private static function play(Trial $trial): array
    {
        $read = $trial->read();
        if ($trial->off() === []) {
            return [];
        }
        [$foot, $head] = [$read[0], $read[count($read) - 1]];
        $lean = $head->off()->minus($foot->off());
        if (count($read) > 1 && $lean->absolute()->isGreaterThan($trial->kind->limit())) {
            // Wider at the head beside its left edge, it leans to the right: its right side is too low.
            $isRight = $trial->left !== $lean->isNegative();
            $pack = Length::nearestTenth($lean->absolute()->units / Length::PER_MM * $trial->width->units / max(1, $trial->height->units));

            return [Text::of($isRight ? 'cure.pack_right' : 'cure.pack_left', lean: $lean->absolute(), by: $pack)];
        }
        $worst = $trial->off()[0];

        return [Text::of($trial->left === $worst->off()->isNegative() ? 'cure.move_right' : 'cure.move_left', by: $worst->off()->absolute())];
    }
}
