<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * A thing in the way, stored as measured. On a wall: `across` is from the left side (back wall) or the back wall (side walls)
 * to its nearer edge, or from the right side where `fromRight`; `up` is from the floor to its lower edge. On floor and ceiling:
 * `across` from the left, `up` from the back wall. `width` runs along `across`, `height` along `up`, `out` is how far it stands out.
 */
final readonly class Thing
{
    /** @param  list<array{Length, Length}>  $profile  of a moulding, from the floor up: height and how far it stands out there */
    public function __construct(
        public string $id,
        public ThingKind $kind,
        public ?string $name,
        public Face $face,
        public Length $across,
        public bool $fromRight,
        public Length $up,
        public Length $width,
        public Length $height,
        public Length $out,
        public ?Treatment $treatment,
        public ?Length $reach,
        public ?Side $hinge,
        public ?float $freeAreaCm2,
        public ?Flow $flow,
        public ?string $note,
        public array $profile = [],
    ) {
    }

    public function rule(): ThingRule
    {
        return ThingRule::of($this->kind);
    }

    /** Net free area of a grille that nobody has looked up: 0.6 of its face, the low end for metal (fieldbook §5), cm². */
    public function usualFreeAreaCm2(): ?int
    {
        if ($this->kind !== ThingKind::Vent && $this->kind !== ThingKind::ReturnGrille) {
            return null;
        }

        return (int) floor(0.6 * $this->width->millimetres() * $this->height->millimetres() / 100);
    }

    /** Until somebody chooses, the box must leave it its room. */
    public function takesRoom(): bool
    {
        return $this->treatment === null || $this->treatment->takesRoom();
    }

    /** From the left side (or the back wall) to its nearer edge, in a space so wide. */
    public function start(Length $spaceWidth): Length
    {
        return $this->fromRight && ! $this->face->isSide()
            ? $spaceWidth->minus($this->across)->minus($this->width) : $this->across;
    }
}
