<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/** A panel as it is cut: the finished size less what its banded edges add; and the holes in it. */
final readonly class Part
{
    /** @param  list<Bore>  $bores */
    public function __construct(
        public Panel $panel,
        public Figure $length,
        public Figure $width,
        public bool $grainFixed,
        public array $bores = [],
    ) {
    }

    /**
     * As the sheet it is cut from measures, or as it is bought.
     *
     * @param  array<string, Material>  $stock
     */
    public function thickness(array $stock): Length
    {
        return $this->panel->bought ? $this->panel->thickness() : $stock[$this->panel->material]->thickness;
    }
}
