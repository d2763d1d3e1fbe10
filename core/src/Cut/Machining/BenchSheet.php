<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\BoreKind;
use Incastro\Core\Cut\Part;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** What is drilled and let into each board, face by face and edge by edge, as it lies on the bench. */
final readonly class BenchSheet
{
    private Panel $board;

    /** @var list<Bore> */
    private array $bores;

    private function __construct(Part $part)
    {
        $this->board = $part->panel;
        $this->bores = array_values(array_filter($part->bores, fn (Bore $b): bool => $b->kind->isDrilled()));
    }

    /** @return array<string, mixed>|null null when nothing is */
    public static function of(Part $part): ?array
    {
        $self = new self($part);
        $faces = array_values(array_filter(array_map(fn (bool $upper): ?array => $self->face(new BoardFace($self->board, $upper)), [true, false])));
        $edges = $self->edges();
        if ($faces === [] && $edges === []) {
            return null;
        }

        return ['faces' => $faces === [] ? [$self->drawn(new BoardFace($self->board, true), [], [])] : $faces, 'edges' => $edges];
    }

    /** @return array<string, mixed>|null */
    private function face(BoardFace $face): ?array
    {
        $bores = array_values(array_filter($this->bores, $face->isDrilledBy(...)));
        $taken = array_values(array_filter($this->board->taken,
            fn (Taken $t): bool => $face->isOpen($t->block) && (! $t->kind->isSeenThrough() || $face->upper)));

        return $bores === [] && $taken === [] ? null : $this->drawn($face, $bores, $taken);
    }

    /**
     * @param  list<Bore>  $bores
     * @param  list<Taken>  $taken
     * @return array<string, mixed>
     */
    private function drawn(BoardFace $face, array $bores, array $taken): array
    {
        $thin = $this->board->inHouse($this->board->thin);
        $round = array_filter($this->board->taken, fn (Taken $t): bool => $t->kind === TakenKind::RoundCutOut);
        $inEdges = array_filter($this->bores, fn (Bore $b): bool => $b->into !== $thin);

        return [
            'face' => $face->name(),
            'sides' => $face->sides(),
            'length' => $this->board->block->size->{$this->board->inHouse($this->board->long)->value},
            'width' => $this->board->block->size->{$this->board->inHouse($this->board->wide())->value},
            'loops' => $face->loops(),
            'round' => array_values(array_map(fn (Taken $t): array => $face->rectangle($t->block), $round)),
            'recesses' => array_map(
                fn (Taken $t): array => ['kind' => $t->kind->value, 'depth' => $t->block->size->{$thin->value}] + $face->rectangle($t->block), $taken),
            'rows' => $this->rows(array_map(fn (Bore $b): array => ['bore' => $b, 'x' => $face->point($b->at)->across, 'y' => $face->point($b->at)->up],
                $bores), $face),
            'hidden' => array_values(array_map(fn (Bore $b): array => $face->rectangle($b->room), $inEdges)),
        ];
    }

    /** @return list<array<string, mixed>> each edge with holes: where along it, and how far from the face that is named */
    private function edges(): array
    {
        $thin = $this->board->inHouse($this->board->thin);
        $face = new BoardFace($this->board, false);
        $edges = $spots = [];
        foreach ($this->bores as $bore) {
            if ($bore->into === $thin) {
                continue;
            }
            $long = $this->board->inHouse($this->board->long);
            $along = $bore->into === $long ? $this->board->inHouse($this->board->wide()) : $long;
            $edge = $this->board->facing($bore->into, ! $bore->upward);
            $edges[$edge] ??= ['edge' => $edge, 'from' => $this->board->facing($along, false), 'face' => $face->name(), 'is_end' => $bore->into === $long];
            $spots[$edge][] = ['bore' => $bore, 'x' => $this->into($along, $bore), 'y' => $this->into($thin, $bore)];
        }

        return array_values(array_map(fn (array $edge): array => $edge + ['rows' => $this->rows($spots[$edge['edge']])], $edges));
    }

    /** How far from the board's lower side along an axis. */
    private function into(Axis $axis, Bore $bore): Length
    {
        return $bore->at->{$axis->value}->minus($this->board->block->corner->{$axis->value});
    }

    /**
     * @param  list<array{bore: Bore, x: Length, y: Length}>  $spots
     * @return list<array<string, mixed>>
     */
    private function rows(array $spots, ?BoardFace $face = null): array
    {
        return array_map(function (array $row) use ($face): array {
            $bores = array_column($row['spots'], 'bore');
            $bore = $bores[0];
            $with = $bore->kind === BoreKind::SparePin ? [] : array_values(array_unique(array_filter(array_map(fn (Bore $b): ?string => $b->with, $bores))));

            return ['kind' => $bore->kind->value, 'with' => $with, 'along' => $row['along'], 'across' => $row['across'],
                'diameter' => $bore->diameter, 'depth' => $bore->depth, 'screw' => $bore->screw,
                'slots' => $face === null || $bore->kind !== BoreKind::Pocket ? [] : array_map(fn (Bore $b): array => $face->rectangle($b->room), $bores)];
        }, BoreRows::of($spots));
    }
}
