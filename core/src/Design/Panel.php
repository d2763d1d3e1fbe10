<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * One board of the piece at its finished size. `length` runs along the grain; `long` and `thin` are the axes of the run's
 * frame along the grain and through the board; `banded` names its banded edges (front, left, right, top, bottom as it stands
 * there); `quarter`: how its run is turned (Turn), 0 along the back wall; `closes`: the bay under a lid; `element`: the band or the shelf of
 * the document that it is made for; `set`: what it is put together with and moves with, one drawer or one framed door; `leads`: it is
 * the front one of a base. `solid` lies in the house, before what is `taken` out of it. The id derives from its owners and its role.
 */
final readonly class Panel
{
    public Block $block;

    /** Not cut from a sheet. */
    public bool $bought;

    /** Its run stands along a side wall. */
    public bool $turned;

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
        public ?BoughtAs $boughtAs = null,
        public array $taken = [],
        public ?string $bay = null,
        public int $quarter = 0,
        public ?string $closes = null,
        public ?string $element = null,
        public ?string $set = null,
        public bool $leads = false,
    ) {
        $this->block = $solid->bounds();
        $this->turned = $quarter !== 0;
        $this->bought = $boughtAs !== null;
    }

    /** Another solid, and sizes of its own where they are told anew. */
    public function shaped(Prism $solid, ?Figure $length = null, ?Figure $width = null): self
    {
        return $this->changed(['solid' => $solid, 'length' => $length ?? $this->length, 'width' => $width ?? $this->width]);
    }

    /** What is not cut to its final size before the room has been met. */
    public function fittedOnSite(): self
    {
        return $this->changed(['fitOnSite' => true]);
    }

    public function taking(Taken ...$more): self
    {
        return $this->changed(['taken' => [...$this->taken, ...array_values($more)]]);
    }

    /** As it lies in the house when its run is turned. */
    public function turnedBy(Turn $turn): self
    {
        return $this->changed(['solid' => $turn->prism($this->solid), 'quarter' => $turn->quarter,
            'taken' => array_map(fn (Taken $t): Taken => new Taken($t->kind, $turn->block($t->block)), $this->taken)]);
    }

    /** @param  array{solid?: Prism, length?: Figure, width?: Figure, taken?: list<Taken>, fitOnSite?: bool, quarter?: int}  $to */
    private function changed(array $to): self
    {
        return new self($this->id, $this->piece, $this->role, $this->name, $this->material, $to['length'] ?? $this->length, $to['width'] ?? $this->width,
            $to['solid'] ?? $this->solid, $this->long, $this->thin, $this->banded, $this->hand, $to['fitOnSite'] ?? $this->fitOnSite, $this->boughtAs,
            $to['taken'] ?? $this->taken, $this->bay, $to['quarter'] ?? $this->quarter, $this->closes, $this->element, $this->set, $this->leads);
    }

    /** An axis of the run's frame as it lies in the house. */
    public function inHouse(Axis $axis): Axis
    {
        return match (true) {
            ! $this->turned || $axis === Axis::Z => $axis,
            default => $axis === Axis::X ? Axis::Y : Axis::X,
        };
    }

    public function thickness(): Length
    {
        return $this->block->size->{$this->inHouse($this->thin)->value};
    }

    /** Cut from a sheet or from lumber, so that it can be painted. */
    public function isWood(): bool
    {
        return $this->boughtAs === null || $this->boughtAs === BoughtAs::Lumber;
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

    /** What lies in a direction of the house, as it is called where the panel stands: left, right, rear, front, bottom, top. */
    public function facing(Axis $axis, bool $upper): string
    {
        [$low, $high] = match (true) {
            $axis === Axis::Z => ['bottom', 'top'],
            $axis === Axis::X && $this->quarter === 0 => ['left', 'right'],
            $axis === Axis::X => $this->quarter > 0 ? ['rear', 'front'] : ['front', 'rear'],
            $this->quarter === 0 => ['rear', 'front'],
            default => $this->quarter > 0 ? ['right', 'left'] : ['left', 'right'],
        };

        return $upper ? $high : $low;
    }
}
