<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\CaseFront;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Length;

/** What of the design bears on closing its gaps: frames, slabs, a slope over it, and what opens beside a wall. */
final readonly class Seen
{
    /** @param  list<string>  $opens  sides at which a door or a drawer opens */
    private function __construct(public bool $framed, public bool $slabs, public bool $sloped, private array $opens)
    {
    }

    public static function of(Design $design, Box $box): self
    {
        $near = fn (Panel $p, Side $side): bool => $side === Side::Left
            ? $p->block->corner->x->minus($box->left)->isLessThan(Length::fromMillimetres(60))
            : $box->right()->minus($p->block->corner->x->plus($p->block->size->x))->isLessThan(Length::fromMillimetres(60));
        $opens = [];
        foreach (Side::cases() as $side) {
            foreach ($design->panels as $panel) {
                if (in_array($panel->role, [Role::Door, Role::DoorPart, Role::Front], true) && $near($panel, $side)) {
                    $opens[] = $side->value;
                }
            }
        }

        return new self(array_filter($design->fronts, fn (CaseFront $f): bool => $f->framed) !== [],
            array_filter($design->panels, fn (Panel $p): bool => $p->role === Role::Slab) !== [], $box->limit !== null, array_values(array_unique($opens)));
    }

    public function opensAt(Side $side): bool
    {
        return in_array($side->value, $this->opens, true);
    }
}
