<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Begun;

use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Document\Model\Rework;
use Incastro\Core\Measure\Length;

/**
 * A piece of a begun sheet that was laid as a part, with what it serves as now. Sizes along the sheet's length and width, in units of
 * 25 nm: as it was laid, or as somebody measured it.
 */
final readonly class MadePiece
{
    /**
     * @param  string  $item  the part it was laid as
     * @param  Rect  $rect  where it lies on the sheet
     * @param  bool  $isCut  it is cut free
     * @param  string|null  $use  what was decided of it: see Rework
     * @param  string|null  $serves  the part, or half of one, that it serves as; null for none
     */
    public function __construct(
        public string $begun,
        public string $item,
        public string $material,
        public Rect $rect,
        public int $length,
        public int $width,
        public bool $turned,
        public bool $isCut,
        public bool $isSpoiled,
        public bool $isMeasured,
        public ?string $use,
        public ?string $serves = null,
        public ?Serving $serving = null,
    ) {
    }

    public function serving(?string $item, ?Serving $serving): self
    {
        return new self($this->begun, $this->item, $this->material, $this->rect, $this->length, $this->width,
            $this->turned, $this->isCut, $this->isSpoiled, $this->isMeasured, $this->use, $item, $serving);
    }

    /** By what it lies there now: what it serves as; an id of its own where it serves as nothing. */
    public function id(): string
    {
        return $this->serves ?? ($this->isLost() ? 'spoiled' : 'spare')." $this->begun $this->item";
    }

    /** @return array{Length, Length} along the length and the width of the part it serves as, or was laid as */
    public function partSize(): array
    {
        $sizes = [Length::ofUnits($this->length), Length::ofUnits($this->width)];

        return $this->serving->turned ?? $this->turned ? array_reverse($sizes) : $sizes;
    }

    /** Nothing more can be had of it: it was cut wrong and nobody measured it, or given up. */
    public function isLost(): bool
    {
        return $this->serves === null && ($this->use === Rework::LOST || ($this->use === null && $this->isSpoiled));
    }

    /** Somebody has to decide what becomes of it. */
    public function isOpen(): bool
    {
        return match (true) {
            $this->serves === null => ! in_array($this->use, [Rework::STOCK, Rework::LOST], true),
            $this->use === $this->serves => $this->serving?->worth === Worth::Short,
            default => $this->serving?->worth !== Worth::Right,
        };
    }
}
