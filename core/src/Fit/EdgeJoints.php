<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Contact;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * What closes a gap, and what a back is made of besides its first sheet, is held by the board that it touches most of: a filler screwed to
 * it, the others face to face.
 */
final class EdgeJoints
{
    private const STRIPS = [Role::Filler, Role::Lip, Role::Trim, Role::Back];

    private const HOLDS = [Role::Side, Role::Stile, Role::Top, Role::Rail, Role::TopRail, Role::Bottom, Role::Between, Role::Slab,
        Role::PlinthRail, Role::ToeBoard, Role::Divider];

    /**
     * @param  list<Panel>  $panels
     * @param  list<Joint>  $joints  that there are
     * @return list<Joint> of strips that none of those holds
     */
    public static function of(array $panels, array $joints): array
    {
        $held = array_fill_keys([...array_map(fn (Joint $j): string => $j->first, $joints), ...array_map(fn (Joint $j): string => $j->second, $joints)], true);
        $boards = array_values(array_filter($panels, fn (Panel $p): bool => in_array($p->role, self::HOLDS, true)));
        $found = [];
        foreach ($panels as $strip) {
            if (in_array($strip->role, self::STRIPS, true) && ! isset($held[$strip->id])) {
                array_push($found, ...array_filter([self::best($strip, $boards)]));
            }
        }

        return $found;
    }

    /** @param  list<Panel>  $boards */
    private static function best(Panel $strip, array $boards): ?Joint
    {
        [$best, $most] = [null, 0.0];
        foreach ($boards as $board) {
            foreach (Axis::cases() as $axis) {
                if (! Contact::gap($axis, $strip, $board)->isZero()) {
                    continue;
                }
                $area = array_product(array_map(fn (Axis $a): float => max(0.0, -Contact::gap($a, $strip, $board)->units / Length::PER_MM),
                    array_filter(Axis::cases(), fn (Axis $a): bool => $a !== $axis)));
                if ($area > $most) {
                    [$best, $most] = [new Joint($strip->id, $board->id, self::kind($strip, $board, $axis), $axis, Length::zero(), Length::zero()), $area];
                }
            }
        }

        return $best;
    }

    /** Beside the edge of a stile a narrow filler takes no screw: it is glued to it. */
    private static function kind(Panel $strip, Panel $board, Axis $axis): JointKind
    {
        $kind = JointKind::ofFiller($strip->width->value);
        $isEdge = $axis !== $board->inHouse($board->thin);

        return $strip->role !== Role::Filler || $axis === $strip->inHouse($strip->thin) || ($isEdge && $kind === JointKind::Screws) ? JointKind::Faced : $kind;
    }
}
