<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\GapAt;
use Incastro\Core\Fit\Scribe;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * The true cut line of one edge over the straight edge it is measured from, laid lengthwise: uprights turned clockwise, so that the
 * foot lies to the left and a left wall above; ends of slabs likewise, their front to the left. Never mirrored.
 */
final readonly class EdgeTemplate
{
    public function __construct(private Piece $piece)
    {
    }

    /** @param  Text|null  $part  the slab's name; null for an edge of the whole piece */
    public function of(EdgeFit $edge, Scribe $scribe, ?Text $part): Template
    {
        $name = $part === null ? Text::of("template.edge_{$edge->name->value}", piece: $this->piece->name)
            : Text::of("template.slab_{$edge->name->value}", piece: $this->piece->name, part: $part);
        [$left, $right] = match (true) {
            $this->isUpright($edge) => ['template.at_foot', 'template.at_head'],
            $edge->name->side() === null => ['template.at_left', 'template.at_right'],
            default => ['template.at_front', 'template.at_rear'],
        };
        $isLevel = $edge->part !== null || $edge->name === EdgeName::Back;
        $template = new Template($this->piece->id, $name,
            Text::of($this->isUpright($edge) && $edge->name === EdgeName::Back ? 'template.seen_side'
            : ($isLevel ? 'template.seen_above' : 'template.seen_front')), Text::of($left), Text::of($right));
        $this->lay($template, $edge, $scribe);

        return $template;
    }

    private function isUpright(EdgeFit $edge): bool
    {
        return $edge->profile->along === Axis::Z;
    }

    private function lay(Template $template, EdgeFit $edge, Scribe $scribe): void
    {
        $line = $scribe->line;
        [$first, $last] = [$line->gaps[0]->at, $line->gaps[count($line->gaps) - 1]->at];
        $isTurned = $edge->part !== null && $edge->name->side() !== null && ! $this->isUpright($edge);
        $up = in_array($edge->name, [EdgeName::Right, EdgeName::Base], true) ? -1 : 1;
        $place = fn (GapAt $g): Point => new Point($isTurned ? $last->minus($g->at) : $g->at->minus($first), $g->gap->times($up));
        $span = $last->minus($first);
        foreach ($line->gaps as $gap) {
            $at = $place($gap);
            $template->line('station', [new Point($at->across, Length::zero()), $at]);
            $template->mark($at, Text::of('template.station', at: $at->across, off: $gap->gap));
        }
        $template->line('straight', [new Point(Length::zero(), Length::zero()), new Point($span, Length::zero())]);
        $blank = $scribe->projects->value->times($up);
        $template->line('blank', [new Point(Length::zero(), $blank), new Point($span, $blank)]);
        $points = array_map($place, $line->line);
        $template->line('cut', $isTurned ? array_reverse($points) : $points);
    }
}
