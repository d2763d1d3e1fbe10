<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Measure\Text;

/** A moving part in its place: how far it opens, and what stops it short of what is wanted. */
final readonly class Motion implements \JsonSerializable
{
    /**
     * @param  array<string, float|int|null>|null  $struts  N, mm, kg
     * @param  list<Text>  $against  what else moves and, once open, stands in its way
     */
    public function __construct(public Mover $mover, public float $opens, public ?Text $meets, public ?array $struts, public array $against = [])
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $m = $this->mover;
        $tenth = fn (float $v): float => round($v, 1);

        return ['id' => $m->id, 'kind' => $m->kind->value, 'name' => $m->name, 'bay' => $m->bay, 'parts' => $m->parts, 'view' => $m->view->value,
            'shapes' => array_map(fn (array $s): array => array_map(fn (array $p): array => [$tenth($p[0]), $tenth($p[1])], $s), $m->shapes),
            'pivot' => [round($m->pivot[0], 2), round($m->pivot[1], 2)], 'turns' => $m->kind->turns(), 'wants' => $tenth($m->wants),
            // Rounded to the safe side: it opens at least so far.
            'opens' => ($this->opens < 0 ? -1 : 1) * floor(abs($this->opens) * 10 + 1e-6) / 10, 'meets' => $this->meets, 'struts' => $this->struts];
    }
}
