<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * In which order a board is scribed that meets more than one surface: ends to length first, then the even overhang, then the rear
 * (fieldbook §2). Each cut is marked where the board then lies, which is not yet its place: what that leaves for the next is said.
 */
final readonly class ScribeOrder
{
    /** @param  array<string, EdgeFit>  $edges */
    public function __construct(private Piece $piece, private array $edges)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return array<string, list<Text>> by part
     */
    public function of(array $panels): array
    {
        $orders = [];
        foreach ($panels as $panel) {
            $own = [];
            foreach (EdgeName::cases() as $name) {
                $scribe = $this->edges["$panel->id/$name->value"]->scribe ?? null;
                $own += $scribe === null ? [] : [$name->value => $scribe];
            }
            if ($own !== []) {
                $orders[$panel->id] = $this->steps($panel, $own);
            }
        }

        return $orders;
    }

    /**
     * @param  non-empty-array<string, Scribe>  $own  by edge
     * @return list<Text>
     */
    private function steps(Panel $panel, array $own): array
    {
        [$left, $right, $back] = [$own['left'] ?? null, $own['right'] ?? null, $own['back'] ?? null];
        $out = $back->projects->value ?? Length::zero();
        $steps = [];
        if ($left !== null && $right !== null) {
            $steps[] = $this->lengths($panel, $left, $right);
        }
        if ($out->isPositive() && ($left !== null || $right !== null)) {
            $steps[] = Text::of('order.stands_out', out: $out);
        }
        foreach (['left' => $left, 'right' => $right] as $side => $scribe) {
            if ($scribe !== null) {
                $other = $side === 'left' ? $right : null;
                $steps[] = $other === null ? Text::of("order.$side", setting: $scribe->setting->value)
                    : Text::of('order.left_of_two', setting: $scribe->setting->value, spare: $other->projects->value);
            }
        }
        $overhang = $this->piece->main()->bands[$panel->element ?? '']->overhang ?? Length::zero();
        if ($back !== null && $overhang->isPositive()) {
            $steps[] = Text::of('order.overhang', overhang: $overhang, spacer: $overhang->plus($out));
        }
        if ($back !== null && $panel->role === Role::Side) {
            $steps[] = Text::of('order.end_panel', out: $out);
        }
        if ($back !== null) {
            $steps[] = Text::of('order.back', setting: $back->setting->value, out: $out);
            array_push($steps, ...self::closing($left, $right, $out));
        }

        return $steps;
    }

    /** How long it ends up at its front and at its rear (for a board on edge: at its foot and at its head). */
    private function lengths(Panel $panel, Scribe $left, Scribe $right): Text
    {
        $taken = $left->projects->value->plus($right->projects->value);
        $between = $panel->length->value->minus($taken);
        $n = count($left->line->gaps) - 1;
        $at = fn (int $i): Length => $between->plus($left->line->gaps[$i]->gap)->plus($right->line->at($left->line->gaps[$i]->at)->gap);

        return Text::of("order.lengths_{$left->along()->value}", blank: $panel->length->value, near: $at(0), far: $at($n));
    }

    /**
     * Between where the ends were marked and where the board comes to lie the walls close in, or open.
     *
     * @return list<Text>
     */
    private static function closing(?Scribe $left, ?Scribe $right, Length $out): array
    {
        $by = 0.0;
        foreach ([$left, $right] as $scribe) {
            $gaps = $scribe->line->gaps ?? [];
            if ($gaps !== [] && $scribe !== null && $scribe->line->length()->isPositive()) {
                $by += ($gaps[count($gaps) - 1]->gap->units - $gaps[0]->gap->units) / $scribe->line->length()->units * $out->units;
            }
        }
        $closes = Length::ofUnits((int) round($by));
        $tenth = Length::fromMillimetres(0.1);

        return match (true) {
            $closes->isGreaterThan($tenth) => [Text::of('order.walls_close', by: $closes)],
            $closes->negated()->isGreaterThan($tenth) => [Text::of('order.walls_open', by: $closes->negated())],
            default => [],
        };
    }
}
