<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * Which bodies reach the house: by standing on the floor, by screws into a wall, by a joint with a body that does, by lying on one, or by
 * being let into one. What only passes close by holds nothing.
 */
final class Reached
{
    /** A foot is cut to a floor that runs out of level under it. */
    private const FOOT_MM = 2;

    /** @var array<string, list<string>> what is held by each */
    private array $holds = [];

    /** @var array<string, true> */
    private array $reached = [];

    /**
     * @param  array<string, PlacedPiece>  $pieces
     * @param  array<string, list<Wall\WallFixing>>  $wall  by piece
     * @param  list<Contact>  $contacts
     * @param  array<string, Fastened>  $fastened  by piece
     */
    public function __construct(array $pieces, array $wall, array $contacts, array $fastened)
    {
        $open = $moves = [];
        foreach ($pieces as $id => $built) {
            $moves += array_filter($built->panels, fn (Panel $p): bool => $p->role->moves());
            foreach ($built->design->joints as $joint) {
                // What lies on another, or on pins in it, does not hold that.
                if ($joint->kind !== JointKind::Clears) {
                    $this->holds[$joint->second][] = $joint->first;
                }
                if (! in_array($joint->kind, [JointKind::Clears, JointKind::Rests, JointKind::Pins], true)) {
                    $this->holds[$joint->first][] = $joint->second;
                }
            }
            foreach ($built->fit->panels as $panel) {
                $open = self::stands($panel, $built) ? [...$open, $panel->id] : $open;
            }
            array_push($open, ...array_map(fn (Wall\WallFixing $f): string => $f->board->id, $wall[$id] ?? []));
        }
        foreach ($contacts as $contact) {
            if ($contact->isLetIn || $contact->carriesSecond()) {
                $this->holds[$contact->first][] = $contact->second;
            }
            if ($contact->isLetIn || $contact->carriesFirst()) {
                $this->holds[$contact->second][] = $contact->first;
            }
        }
        foreach ($fastened as $all) {
            foreach ($all->fasteners as $fastener) {
                if ($fastener->into !== null && ! in_array($fastener->kind, [FastenerKind::Pin, FastenerKind::SparePin, FastenerKind::Hinge], true)) {
                    $this->holds[$fastener->into][] = $fastener->from;
                    // A nail keeps a strip on a box, and no box on a strip.
                    if ($fastener->kind !== FastenerKind::Nail) {
                        $this->holds[$fastener->from][] = $fastener->into;
                    }
                }
            }
        }
        while ($open !== []) {
            $body = array_pop($open);
            if (! isset($this->reached[$body])) {
                $this->reached[$body] = true;
                // What rolls or opens carries what moves with it, and nothing that stays.
                array_push($open, ...array_filter($this->holds[$body] ?? [], fn (string $held): bool => ! isset($moves[$body]) || isset($moves[$held])));
            }
        }
    }

    /** On the floor, of a piece that stands there. */
    public static function stands(Panel $panel, PlacedPiece $built): bool
    {
        return ! $built->piece->up()->isPositive()
            && ! $panel->block->from(Axis::Z)->isGreaterThan($built->box->floor->plus(Length::fromMillimetres(self::FOOT_MM)));
    }

    public function is(string $body): bool
    {
        return isset($this->reached[$body]);
    }
}
