<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\CellsSection;
use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\Spacing;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Text;

/** Each piece: its figures, its bays with what dragging them needs, its edges, and what is bought for it. */
final readonly class PiecesSection implements \JsonSerializable
{
    /**
     * @param  array<string, PlacedPiece>  $pieces
     * @param  array<string, list<Finding>>  $held  by piece, what holds it up until somebody has decided
     * @param  array<string, array<string, int>>  $fasteners  how many of each kind hold its boards to each other, by piece
     */
    public function __construct(private array $pieces, private array $held, private array $fasteners)
    {
    }

    public function jsonSerialize(): object
    {
        return (object) array_map($this->piece(...), $this->pieces);
    }

    /** @return array<string, mixed> */
    private function piece(PlacedPiece $built): array
    {
        return [
            'name' => $built->piece->name,
            'space' => $built->piece->space,
            'clear' => $built->box->clear,
            'width' => $built->box->width,
            'height' => $built->box->height,
            'depth' => $built->box->depth,
            'from' => $built->box->left,
            'to' => $built->box->right(),
            'edges' => $built->fit->edges,
            'usual_set_off' => array_column(array_map(fn (EdgeKind $k): array => [$k->value, $k->usualSetOff()], EdgeKind::cases()), 1, 0),
            'budget' => $built->fit->budget,
            'spare' => $built->fit->spare,
            'tilt_up' => $built->fit->tiltUp,
            'supports' => $built->fit->supports,
            'stacks' => $built->fit->stacks,
            'floor_advice' => FloorAdvice::of($built->piece, $built->room->space),
            'motions' => $built->fit->motions,
            'crown' => $built->fit->crown,
            'orders' => (object) $built->fit->orders,
            'openings' => (object) $built->design->openings,
            'spacings' => (object) array_map(fn (Spacing $s): array => ['openings' => $s->openings, 'free' => $s->free], $built->design->spacings),
            'cells' => (object) (new CellsSection($built->piece, $built->box, $built->design))->cells(),
            'studs' => (object) $built->box->studs,
            'hardware' => self::hardware([...$built->design->hardware, ...$this->driven($built->piece->id)]),
            'held' => array_map(fn (Finding $f): array => ['code' => $f->code, 'ref' => $f->place->ref, 'before' => $f->before()?->value],
                $this->held[$built->piece->id] ?? []),
            'totals' => (new Totals($built->fit->panels, $built->design, $built->weight, array_sum($this->fasteners[$built->piece->id] ?? [])))->written(),
        ];
    }

    /** @return list<Hardware> */
    private function driven(string $piece): array
    {
        $counts = $this->fasteners[$piece] ?? [];

        return array_map(fn (string $kind, int $n): Hardware => new Hardware($piece, Text::of("hardware.$kind"), $n), array_keys($counts), $counts);
    }

    /**
     * @param  list<Hardware>  $all
     * @return list<array<string, mixed>> the same thing for several bays on one line
     */
    private static function hardware(array $all): array
    {
        $lines = [];
        foreach ($all as $each) {
            $key = json_encode([$each->name, $each->length], JSON_THROW_ON_ERROR);
            $lines[$key] ??= ['name' => $each->name, 'count' => 0, 'length' => $each->length, 'for' => []];
            $lines[$key]['count'] += $each->count;
            $lines[$key]['for'][] = $each->for;
        }

        return array_map(fn (array $l): array => ['for' => array_values(array_unique($l['for']))] + $l, array_values($lines));
    }
}
