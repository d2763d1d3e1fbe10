<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Design\Bench;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PanelOutline;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Passage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/**
 * What is left of boards that were cut for things in the way: nothing, two halves, a strip too thin (under 50: a cleat, fieldbook §5);
 * what moves and would hit them; and what must stay reachable and is not.
 */
final class LetsThingsThrough implements Check
{
    private const STRIP_MM = 50;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        $panels = $built->panels;
        $told = [];
        foreach ($built->fit->passages as $passage) {
            $panel = $panels[$passage->panel] ?? null;
            $finding = $panel === null || isset($told[$panel->id]) ? null : $this->left($panel, $passage);
            if ($panel !== null && $finding !== null) {
                $told[$panel->id] = true;
                $findings[] = $finding;
            }
        }
        foreach ($built->room->things as $placed) {
            array_push($findings, ...$this->moverHits($built, $placed), ...$this->buried($built, $placed), ...$this->boxComesForward($built, $placed));
        }

        return $findings;
    }

    private function left(Panel $panel, Passage $passage): ?Finding
    {
        $region = (new PanelOutline($panel))->region;
        $names = ['part' => $panel->name, 'thing' => $passage->placed->name()];
        if ($region->loops === []) {
            return self::say('fit.board_gone', Severity::Stop, $panel, $names);
        }
        if (! $region->isWhole()) {
            $middle = $passage->block->corner->x->plus($passage->block->size->x->half());

            return self::say('fit.board_parted', Severity::Look, $panel, $names + ['at' => $middle]);
        }
        // What is cut to the wall is narrow anyway, and held by the carcass.
        $strip = $passage->kind === TakenKind::Notch && ! $panel->fitOnSite ? self::thinnest($panel, $passage) : null;

        return $strip === null ? null
            : self::say('fit.notch_weak', Severity::Look, $panel, $names + ['strip' => $strip])
                ->measuring($strip, Length::fromMillimetres(self::STRIP_MM));
    }

    /** The thinnest strip that stays beside a notch, where it is too thin. */
    private static function thinnest(Panel $panel, Passage $passage): ?Length
    {
        $thinnest = null;
        foreach (Axis::cases() as $axis) {
            if ($axis === $panel->inHouse($panel->thin)) {
                continue;
            }
            $k = $axis->value;
            $before = $passage->block->corner->$k->minus($panel->block->corner->$k);
            $after = $panel->block->corner->$k->plus($panel->block->size->$k)->minus($passage->block->corner->$k)->minus($passage->block->size->$k);
            foreach ([$before, $after] as $strip) {
                if ($strip->isPositive() && $strip->isLessThan(Length::fromMillimetres(self::STRIP_MM))
                    && ($thinnest === null || $strip->isLessThan($thinnest))) {
                    $thinnest = $strip;
                }
            }
        }

        return $thinnest;
    }

    /** @return list<Finding> a drawer or a door cannot be notched round a thing and still move */
    private function moverHits(PlacedPiece $built, PlacedThing $placed): array
    {
        if ($placed->thing->treatment === Treatment::TakeOff || ! $placed->isSolid()) {
            return [];
        }
        $hit = array_filter($built->fit->panels, fn (Panel $p): bool => $p->role->moves() && Bench::common($p->block, $placed->block) !== null);

        return array_map(fn (Panel $p): Finding => self::say('fit.mover_meets', Severity::Look, $p, ['part' => $p->name, 'thing' => $placed->name()]),
            array_slice(array_values($hit), 0, 1));
    }

    /** @return list<Finding> something fixed stands before what must be reached */
    private function buried(PlacedPiece $built, PlacedThing $placed): array
    {
        if (! $placed->thing->rule()->mustReach
            || in_array($placed->thing->treatment, [Treatment::TakeOff, Treatment::BringForward, Treatment::CutThrough], true)) {
            return [];
        }
        $thing = $placed->block;
        foreach ($built->fit->panels as $panel) {
            $isBefore = $panel->inHouse($panel->thin) === Axis::Y && ! $panel->role->moves()
                && ! $panel->block->corner->y->plus($panel->block->size->y)->isLessThan($thing->corner->y->plus($thing->size->y));
            $shadow = $thing->along(Axis::Y, $panel->block->corner->y, $panel->block->size->y);
            $common = $isBefore ? Bench::common($panel->block, $shadow) : null;
            // Covered for the greater part of its face.
            if ($common !== null && 2 * $common->size->x->units * $common->size->z->units > $thing->size->x->units * $thing->size->z->units) {
                return [self::say('fit.buried', Severity::Stop, $panel, ['part' => $panel->name, 'thing' => $placed->name()])];
            }
        }

        return [];
    }

    /** @return list<Finding> behind wood the box of a socket or switch ends flush with the face it is seen in (fieldbook §5) */
    private function boxComesForward(PlacedPiece $built, PlacedThing $placed): array
    {
        $isBox = in_array($placed->thing->kind, [ThingKind::Socket, ThingKind::DoubleSocket, ThingKind::Switch_, ThingKind::TwoWaySwitch], true);
        $by = null;
        foreach ($isBox ? $built->fit->passages : [] as $passage) {
            if ($passage->placed === $placed && $passage->kind === TakenKind::CutOut && $placed->thing->face === Face::Back) {
                $front = $passage->block->corner->y->plus($passage->block->size->y);
                $by = $by === null ? $front : Length::greatest($by, $front);
            }
        }

        return $by === null ? []
            : [(new Finding('fit.box_forward', Severity::Note, new Place(WorkStage::Site, $placed->thing->id),
                Text::of('fit.box_forward', thing: $placed->name(), by: $by),
                Text::of('fit.box_forward.remedy'), Text::of("authority.{$placed->thing->rule()->deferTo->value}"), $by))
                ->decidedBy($placed->thing->rule()->deferTo)];
    }

    /** @param  array<string, Text|Length>  $args */
    private static function say(string $code, Severity $severity, Panel $panel, array $args): Finding
    {
        return new Finding($code, $severity, new Place(WorkStage::Fit, $panel->id), Text::of($code, ...$args),
            Text::of("$code.remedy", ...$args), Text::of('source.obstacles'));
    }
}
