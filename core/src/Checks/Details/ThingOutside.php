<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Details;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * A thing on the back wall that would stand outside a space walled on both sides: its distance or its width belongs to another axis, or is
 * read wrong. From practice.
 */
final class ThingOutside implements Check
{
    /** A reading's own play. */
    private const PLAY_MM = 20;

    public function of(PlacedPiece $built): array
    {
        $space = $built->room->space;
        $findings = [];
        foreach ($space->left === SideKind::Wall && $space->right === SideKind::Wall ? $built->room->things : [] as $placed) {
            $end = $placed->block->to(Axis::X);
            $width = $built->room->sizes->width;
            $over = Length::greatest($end->minus($width), $placed->block->corner->x->negated());
            if ($placed->thing->face === Face::Back && $over->isGreaterThan(Length::fromMillimetres(self::PLAY_MM))) {
                $findings[] = FindingFactory::look('site.thing_outside', new Place(WorkStage::Site, $placed->thing->id), 'practice',
                    ['thing' => $placed->name(), 'over' => $over, 'width' => $width])->measuring($over, Length::fromMillimetres(self::PLAY_MM));
            }
        }

        return $findings;
    }
}
