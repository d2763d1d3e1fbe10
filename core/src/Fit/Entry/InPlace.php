<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Measure\Text;

/** How a box gets into its place, or why not: with the section it moves in and the poses it takes. Numbers in mm and degrees. */
final readonly class InPlace implements \JsonSerializable
{
    /** @param  array{poses: non-empty-list<Tilt>, clearance: float, searched: bool}|null  $way  null where none was found */
    public function __construct(public Verdict $verdict, private Text $says, private Raising $raising, private Section $section, private ?array $way)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $poses = $this->way['poses'] ?? $this->raising->plain(false);
        $isNarrow = $this->way !== null && ! is_infinite($this->way['clearance']);

        return [
            'verdict' => $this->verdict->value, 'says' => $this->says,
            'clearance' => $isNarrow ? floor($this->way['clearance'] * 10) / 10 : null, 'searched' => $this->way['searched'] ?? true,
            'needs' => round($this->raising->needs(), 1), 'highest' => round($this->section->highest(), 1), 'shape' => $this->raising->shape,
            'overhead' => $this->section->overhead, 'blocks' => $this->section->blocks, 'base' => $this->section->base, 'wall' => $this->section->wall,
            'path' => array_map(fn (Tilt $t): array => ['y' => round($t->y, 2), 'deg' => round($t->deg, 2), 'lift' => round($t->lift, 2)], $poses),
        ];
    }
}
