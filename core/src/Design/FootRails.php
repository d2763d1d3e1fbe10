<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Where something rolls out a box has no bottom: a rail behind, close over the floor, holds the feet of its uprights together. */
final readonly class FootRails
{
    private const HIGH_MM = 90;

    private const LEAST_MM = 40;

    /** Over the floor, which is not level. */
    private const UP_MM = 10;

    public function __construct(private Bench $bench, private CaseSpec $case)
    {
    }

    public function make(): void
    {
        foreach ($this->case->first()->bays as $bay) {
            $cell = $this->bench->cells[$bay->id] ?? null;
            $uprights = $cell === null ? [] : array_values(array_filter([$cell->by->left, $cell->by->right]));
            if ($cell !== null && $bay->fill->isOnCastors() && $cell->by->floor === null && ! $this->case->hangs && count($uprights) === 2) {
                $this->rail($cell, $uprights);
            }
        }
    }

    /** @param  list<string>  $uprights */
    private function rail(Cell $cell, array $uprights): void
    {
        $bay = $cell->bay->id;
        $up = Length::fromMillimetres(self::UP_MM);
        $high = Length::least(Length::fromMillimetres(self::HIGH_MM), $cell->least->minus($up->times(2)));
        if ($high->isLessThan(Length::fromMillimetres(self::LEAST_MM))) {
            return;
        }
        $z = Span::of($cell->z->from->plus($up), $high, Text::of('piece.nailer_height'));
        $rail = Maker::at($this->bench, $this->case->board, $bay)
            ->strip(new Named("$bay:foot_rail", Role::Nailer, Text::of('part.foot_rail', bay: $cell->label)), $cell->x, $cell->y->from, $z);
        foreach ($uprights as $upright) {
            $this->bench->join($rail->id, $upright, JointKind::Screws, Axis::X);
        }
    }
}
