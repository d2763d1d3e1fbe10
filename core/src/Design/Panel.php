<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Text;

/**
 * One board of the piece at its finished size. `length` runs along the grain; `long` and `thin` are the axes of the run's
 * frame along the grain and through the board; `banded` names its banded edges (front, left, right, top, bottom as it stands
 * there); `turned`: its run stands along a side wall. `solid` lies in the house, before what is `taken` out of it. The id derives from its owners and its role.
 */
final readonly class Panel
{
    public Block $block;

    /**
     * @param  list<string>  $banded
     * @param  list<Taken>  $taken
     */
    public function __construct(
        public string $id,
        public string $piece,
        public Role $role,
        public Text $name,
        public string $material,
        public Figure $length,
        public Figure $width,
        public Prism $solid,
        public Axis $long,
        public Axis $thin,
        public array $banded = [],
        public ?Side $hand = null,
        public bool $fitOnSite = false,
        public bool $bought = false,
        public array $taken = [],
        public ?string $bay = null,
        public bool $turned = false,
    ) {
        $this->block = $solid->bounds();
    }

    /** @param  list<Taken>  $taken */
    public function with(?Prism $solid = null, ?Figure $length = null, ?Figure $width = null, ?array $taken = null, ?bool $fitOnSite = null, ?bool $turned = null): self
    {
        return new self($this->id, $this->piece, $this->role, $this->name, $this->material, $length ?? $this->length, $width ?? $this->width,
            $solid ?? $this->solid, $this->long, $this->thin, $this->banded, $this->hand, $fitOnSite ?? $this->fitOnSite, $this->bought,
            $taken ?? $this->taken, $this->bay, $turned ?? $this->turned);
    }

    /** An axis of the run's frame as it lies in the house. */
    public function inHouse(Axis $axis): Axis
    {
        return match (true) {
            ! $this->turned || $axis === Axis::Z => $axis,
            default => $axis === Axis::X ? Axis::Y : Axis::X,
        };
    }

    /** The axis across the grain. */
    public function wide(): Axis
    {
        foreach (Axis::cases() as $axis) {
            if ($axis !== $this->long && $axis !== $this->thin) {
                return $axis;
            }
        }
        throw new \LogicException('A board that is as thin as it is long.');
    }
}
