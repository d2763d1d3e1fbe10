<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Part;
use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\PlacedPiece;

/** Full-size templates of scribed edges and of boards that are no rectangles. */
final readonly class TemplatesSection implements \JsonSerializable
{
    /** @param  array<string, PlacedPiece>  $pieces */
    public function __construct(private array $pieces, private Cutting $cutting)
    {
    }

    public function jsonSerialize(): object
    {
        $own = array_map(fn (PlacedPiece $p): array => (new Templates($p->piece, $p->fit))->of(), array_values($this->pieces));
        $loose = Templates::loose(array_map(fn (Part $p): Panel => $p->panel, $this->cutting->parts));

        return (object) array_merge(...$own, ...[$loose]);
    }
}
