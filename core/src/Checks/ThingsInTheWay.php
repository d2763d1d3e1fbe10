<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Findings\Authority;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/** Every thing the box meets wants a decision; what must stay reachable must not be buried, and what wants distance keeps it (fieldbook §5). */
final class ThingsInTheWay implements Check
{
    private const TOUCH_MM = 5;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->room->things as $placed) {
            $finding = $this->undecided($built, $placed) ?? $this->entered($built, $placed) ?? $this->tooNear($built, $placed);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    /** Nobody has said what becomes of something the piece would cover or meet. */
    private function undecided(PlacedPiece $built, PlacedThing $placed): ?Finding
    {
        // The box already dodges what nobody has decided on: it still touches it.
        if ($placed->thing->treatment !== null || ! self::meets($built, $placed, Length::fromMillimetres(self::TOUCH_MM))) {
            return null;
        }
        $severity = $placed->thing->rule()->mustReach ? Severity::Stop : Severity::Look;

        return self::finding('thing.undecided', $placed, Text::of('thing.undecided', thing: $placed->name()),
            Text::of("treatment.{$placed->thing->rule()->treatments[0]->value}.do", thing: $placed->name()))->graded($severity);
    }

    /**
     * It was to be left alone, and a board or what moves stands in it: what is free inside a box is clear of it. Sides, depth and height have
     * their own checks; a thing on the back is met in depth.
     */
    private function entered(PlacedPiece $built, PlacedThing $placed): ?Finding
    {
        if ($placed->thing->treatment !== Treatment::KeepClear || $placed->thing->face !== Face::Back
            || ! self::meets($built, $placed, Length::zero()) || ! self::isStoodIn($built, $placed)) {
            return null;
        }

        return self::finding('thing.not_clear', $placed, Text::of('thing.not_clear', thing: $placed->name(), out: $placed->thing->out),
            Text::of('thing.move_or_treat', thing: $placed->name()));
    }

    private function tooNear(PlacedPiece $built, PlacedThing $placed): ?Finding
    {
        $away = $placed->thing->reach ?? Length::fromMillimetres($placed->thing->rule()->awayMm);
        if ($placed->thing->treatment !== Treatment::KeepAway || ! self::meets($built, $placed, $away)) {
            return null;
        }

        return self::finding('thing.too_near', $placed, Text::of('thing.too_near', thing: $placed->name(), away: $away),
            Text::of("thing.{$placed->thing->kind->value}.caution"))->graded(Severity::Stop);
    }

    private static function isStoodIn(PlacedPiece $built, PlacedThing $placed): bool
    {
        foreach ($built->fit->panels as $panel) {
            if ($panel->block->overlaps($placed->block) && $panel->solid->touches($placed->block)) {
                return true;
            }
        }

        return false;
    }

    private static function meets(PlacedPiece $built, PlacedThing $placed, Length $away): bool
    {
        $box = $built->box;

        return $placed->meetsRun($box->left->minus($built->piece->left->setOff)->minus($away), $box->right()->plus($built->piece->right->setOff)->plus($away))
            && $placed->meetsHeights($box->floor->minus($away), $box->top()->plus($away))
            && $placed->meetsDepth($built->piece->depth->plus($away));
    }

    private static function finding(string $code, PlacedThing $placed, Text $says, Text $remedy): Finding
    {
        $authority = $placed->thing->rule()->deferTo;

        return new Finding($code, Severity::Look, new Place(WorkStage::Site, $placed->thing->id), $says, $remedy,
            Text::of($authority === Authority::Nobody ? 'source.obstacles' : "authority.{$authority->value}"), $placed->thing->out);
    }
}
