<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Details;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;
use Incastro\Core\Survey\Room;

/**
 * A thing on a wall that would stand outside a space walled on both sides: its distance or its width belongs to another axis or another wall, or is
 * read wrong. A side wall of a niche or of what has a mouth ends where the space does. From practice.
 */
final class ThingOutside implements Check
{
    /** A reading's own play. */
    private const PLAY_MM = 20;

    public function of(PlacedPiece $built): array
    {
        $space = $built->room->space;
        $isWalled = $space->left === SideKind::Wall && $space->right === SideKind::Wall;

        return array_values(array_filter(array_map(fn (PlacedThing $t): ?Finding => $this->outside($t, $built->room), $isWalled ? $built->room->things : [])));
    }

    private function outside(PlacedThing $placed, Room $room): ?Finding
    {
        $side = Side::tryFrom($placed->thing->face->value);
        $length = match (true) {
            $placed->thing->face === Face::Back => $room->sizes->width,
            $side !== null && ($room->space->kind === SpaceKind::Niche || $room->space->kind->hasMouth()) => $room->depth[$side->value] ?? null,
            default => null,
        };
        $start = $placed->thing->start($room->sizes->width);
        $over = $length === null ? Length::zero() : Length::greatest($start->plus($placed->thing->width)->minus($length), $start->negated());
        if ($length === null || ! $over->isGreaterThan(Length::fromMillimetres(self::PLAY_MM))) {
            return null;
        }
        $at = new Place(WorkStage::Site, $placed->thing->id);
        $args = ['thing' => $placed->name(), 'over' => $over];
        $finding = $side === null ? FindingFactory::look('site.thing_outside', $at, 'practice', $args + ['width' => $length])
            : FindingFactory::look('site.thing_past_wall', $at, 'practice', $args + ['length' => $length])->curedBy($this->within($placed, $room, $length));

        return $finding->measuring($over, Length::fromMillimetres(self::PLAY_MM));
    }

    /** Moved along its wall as far as it must be; null where it is longer than that. */
    private function within(PlacedThing $placed, Room $room, Length $length): ?Fix
    {
        $to = $length->minus($placed->thing->width);

        return $to->isNegative() ? null : Fix::set(Text::of('site.thing_past_wall.fix', to: $to),
            ['spaces', $room->space->id, 'things', $placed->thing->id, 'across'], $to->millimetres());
    }
}
