<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Fit\Fit;

/** Everything of a piece that is worth printing at full size: the cut lines of its scribed edges, and its parts that are no rectangles. */
final readonly class Templates
{
    public function __construct(private Piece $piece, private Fit $fit)
    {
    }

    /**
     * Of boards that belong to no piece.
     *
     * @param  list<Panel>  $panels
     * @return array<string, Template> by part
     */
    public static function loose(array $panels): array
    {
        $templates = [];
        foreach ($panels as $panel) {
            if ($panel->piece === '' && PartTemplate::isWorthIt($panel)) {
                $templates[$panel->id] = PartTemplate::of(null, $panel);
            }
        }

        return $templates;
    }

    /** @return array<string, Template> by piece and edge, by slab and edge, or by part */
    public function of(): array
    {
        $names = [];
        foreach ($this->fit->panels as $panel) {
            $names[$panel->id] = $panel->name;
        }
        $templates = [];
        foreach ($this->fit->edges as $key => $edge) {
            if ($edge->scribe !== null) {
                $templates[$edge->part === null ? "{$this->piece->id}/$key" : $key] = (new EdgeTemplate($this->piece))
                    ->of($edge, $edge->scribe, $edge->part === null ? null : $names[$edge->part]);
            }
        }
        foreach ($this->fit->panels as $panel) {
            if (PartTemplate::isWorthIt($panel)) {
                $templates[$panel->id] = PartTemplate::of($this->piece, $panel);
            }
        }

        return $templates;
    }
}
