<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * The face of a board that is not seen (fieldbook §6: the hidden side is chosen by view): the underside below eye height and the
 * upper side over it, the rear of what stands along a wall, the side of an upright that looks away from the middle of its piece.
 */
final readonly class HiddenFace
{
    /** Of a person who stands. */
    private const EYE_MM = 1500;

    /** @param  array<string, Length>  $middle  of the piece, by axis */
    private function __construct(private array $middle)
    {
    }

    /** @param  list<Panel>  $panels  of one piece */
    public static function of(array $panels): self
    {
        $middle = [];
        foreach (['x', 'y'] as $k) {
            $from = array_map(fn (Panel $p): Length => $p->block->corner->$k, $panels) ?: [Length::zero()];
            $to = array_map(fn (Panel $p): Length => $p->block->corner->$k->plus($p->block->size->$k), $panels) ?: [Length::zero()];
            $middle[$k] = Length::least(...$from)->plus(Length::greatest(...$to))->half();
        }

        return new self($middle);
    }

    /** Whether it is the face on the upper side of the axis through the board. */
    public function isUpper(Panel $panel): bool
    {
        $axis = $panel->inHouse($panel->thin);
        if ($axis === Axis::Z) {
            return $panel->block->corner->z->isGreaterThan(Length::fromMillimetres(self::EYE_MM));
        }
        if (in_array($panel->facing($axis, true), ['front', 'rear'], true)) {
            return $panel->facing($axis, true) === 'rear';
        }
        $k = $axis->value;

        return $panel->block->corner->$k->plus($panel->block->size->$k->half())->isGreaterThan($this->middle[$k]);
    }
}
