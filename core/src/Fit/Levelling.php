<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\Surface;

/**
 * The base stands level from the floor's high point under it; each support is packed by what the floor falls there, at its front
 * and at its rear (fieldbook §3).
 */
final readonly class Levelling
{
    public function __construct(private Spot $spot)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Support> from left to right; none where nobody has read the floor, or where the base is cut to it
     */
    public function supports(array $panels): array
    {
        if (! $this->spot->room->shape->knows(Surface::Floor) || $this->spot->piece->up()->isPositive()
            || $this->spot->piece->meeting(EdgeName::Base)?->kind === EdgeKind::Scribed) {
            return [];
        }
        $standing = array_filter($panels,
            fn (Panel $p): bool => in_array($p->role, [Role::Rung, Role::Side, Role::Divider], true) && $p->block->corner->z->equals($this->spot->box->floor));
        $supports = array_map($this->support(...), array_values($standing));
        usort($supports, fn (Support $a, Support $b): int => [$a->x->units, $a->under] <=> [$b->x->units, $b->under]);

        return $supports;
    }

    private function support(Panel $panel): Support
    {
        $b = $panel->block;
        $x = $b->corner->x->plus($b->size->x->half());
        [$rear, $front] = [$b->corner->y, $b->corner->y->plus($b->size->y)];

        return new Support($panel->id, $x, $rear, $front, $this->shim($x, $rear), $this->shim($x, $front));
    }

    private function shim(Length $x, Length $y): Length
    {
        return Length::greatest(Length::zero(),
            Clip::nearest((float) $this->spot->box->floor->millimetres() - $this->spot->room->shape->at(Surface::Floor, $x->units, $y->units)));
    }
}
