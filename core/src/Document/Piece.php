<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;

/**
 * What is to be built into a space. `height` runs from the floor's high point to the top of the carcass,
 * `depth` from the back wall to the front; `width` is null where the carcass follows from the fit.
 */
final readonly class Piece
{
    /** @param  array<string, Run>  $runs */
    public function __construct(
        public string $id,
        public string $name,
        public string $space,
        public Length $height,
        public Length $depth,
        public ?Length $width,
        public Edge $left,
        public Edge $right,
        public string $material,
        public ?string $backMaterial,
        public Methods $methods,
        public array $runs,
    ) {
    }

    public function plinthHeight(): Length
    {
        $height = Length::zero();
        foreach ($this->runs as $run) {
            $height = $height->plus($run->first(BandKind::Plinth)->height ?? Length::zero());
        }

        return $height;
    }
}
