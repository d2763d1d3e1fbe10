<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Measure\Length;

/** The way in, opening by opening: how wide it is with what comes off, and the longest box of the deepest piece that goes round it. */
final readonly class WayInSection implements \JsonSerializable
{
    public function __construct(private Project $project)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $way = new WayIn(array_values($this->project->wayIn));
        $depths = array_map(fn (Piece $p): Length => $p->depth, array_values($this->project->pieces));
        $depth = $depths === [] ? Length::fromMillimetres(350) : Length::greatest(...$depths);

        return [
            'segments' => array_map(fn (WaySegment $s): array => [
                'id' => $s->id, 'kind' => $s->kind->value, 'name' => $s->name, 'width' => $s->width, 'height' => $s->height, 'into' => $s->into,
                'gain' => $s->gain, 'off' => $s->off, 'clear' => $way->clear($s), 'longest' => $way->longestRound($s, $depth),
            ], $way->segments),
            'narrowest' => $way->narrowest()?->id,
            'lowest' => $way->lowest()?->id,
        ];
    }
}
