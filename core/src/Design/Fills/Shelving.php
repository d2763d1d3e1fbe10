<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Belongs;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\RowJoints;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Document\Model\CarcassJoint;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Document\Model\ShelfRest;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** One shelf of a bay on what shelves rest on here (fieldbook §6), its underside at a height. */
final readonly class Shelving
{
    /** Play of a loose shelf, each end (fieldbook §6). */
    private const PIN_PLAY_MM = 1.5;

    private const CLEAT_MM = 30;

    private const STANDARD_MM = 40;

    private const NOTCH_MM = 15;

    /** How far a bar stands out under the shelf. */
    private const BEARING_MM = 20;

    private const SLAT_MM = 45;

    /** Air between slats at least. */
    private const SLAT_GAP_MM = 20;

    public function __construct(private Cell $cell, private Workplace $at, private ?string $element = null)
    {
    }

    /** Shelves made from now on are those of the document's shelf. */
    public function for(string $element): self
    {
        return new self($this->cell, $this->at, $element);
    }

    /** What stands in the bay before the first shelf. */
    public function begin(): void
    {
        if ($this->rest() !== ShelfRest::Standards) {
            return;
        }
        $width = Length::fromMillimetres(self::STANDARD_MM);
        $y = $this->cell->y;
        foreach (['rear' => $y->first($width, Text::of('piece.standard_width')),
            'front' => $y->last($width, Text::of('piece.standard_width'))] as $where => $span) {
            foreach (['left' => $this->cell->x->from, 'right' => $this->cell->x->to()->minus($this->cell->board->thickness)] as $side => $x) {
                $panel = $this->at->maker($this->cell)->upright(new Named("{$this->cell->bay->id}:standard_{$where}_$side", Role::Standard,
                    Text::of("part.standard_{$where}_$side", bay: $this->cell->label)), $x, $span, $this->cell->z);
                $this->at->bench->join($panel->id, $side === 'left' ? $this->cell->by->left : $this->cell->by->right, JointKind::Faced, Axis::X);
            }
        }
    }

    /** @param  Length  $below  clear under it */
    public function shelf(string $id, int $n, Length $z, Length $below): void
    {
        $name = Text::of('part.shelf', n: $n, bay: $this->cell->label);
        match ($this->rest()) {
            ShelfRest::Fixed => $this->fixed($id, $name, $z, $below),
            ShelfRest::Pins => $this->onPins($id, $name, $z, $below),
            ShelfRest::Cleats => $this->onCleats($id, $name, $n, $z, $below),
            ShelfRest::Standards => $this->onBars($id, $name, $n, $z, $below),
            ShelfRest::Slats => $this->slatted($id, $n, $z, $below),
        };
    }

    private function rest(): ShelfRest
    {
        return $this->cell->methods->shelves;
    }

    /** @return list<string> */
    private function banded(): array
    {
        return $this->cell->methods->front === Front::Banded ? ['front'] : [];
    }

    /** @param  Length  $below  clear under it: a nosing hangs no lower */
    private function board(string $id, Text $name, Span $x, Length $z, Length $below): Panel
    {
        $maker = $this->at->maker($this->cell)->belongingTo(new Belongs($this->element));
        if (! $this->isNosed()) {
            return $maker->banded($this->banded())->level(new Named($id, Role::Shelf, $name), $x, $this->cell->y, $z);
        }
        $t = $this->cell->board->thickness;
        $high = Length::least($this->cell->bay->fill->is->length('nosing'), $t->plus($below));
        $shelf = $maker->level(new Named($id, Role::Shelf, $name), $x, $this->cell->y->beforeLast($t, Text::of('piece.nosing_before')), $z);
        // What is let into the uprights is the shelf alone.
        $between = $x->value()->isGreaterThan($this->cell->x->value()) ? $this->cell->x : $x;
        $front = $maker->strip(new Named("$id:nosing", Role::Lip, Text::of('part.nosing', of: $name)), $between,
            $this->cell->y->to()->minus($t), Span::of($z->plus($t)->minus($high), $high, Text::of('setting.nosing')));
        $this->at->bench->join($front->id, $shelf->id, JointKind::Faced, Axis::Y);

        return $shelf;
    }

    private function isNosed(): bool
    {
        return $this->cell->bay->fill->is->optionalLength('nosing')?->isPositive() === true;
    }

    private function fixed(string $id, Text $name, Length $z, Length $below): void
    {
        $by = $this->cell->by;
        $dado = $this->cell->methods->joint === CarcassJoint::Dado;
        $depth = Length::fromMillimetres(RowJoints::DADO_MM);
        [$left, $right] = [$dado && $by->left !== null, $dado && $by->right !== null];
        $ends = (int) $left + (int) $right;
        $x = $this->cell->x;
        if ($ends > 0) {
            $x = new Span($left ? $x->from->minus($depth) : $x->from,
                $x->size->plus($depth->times($ends), Text::of('piece.let_in', depth: $depth, ends: $ends)));
        }
        $shelf = $this->board($id, $name, $x, $z, $below);
        foreach ([$by->left, $by->right] as $upright) {
            if ($dado) {
                $this->at->bench->house($shelf->id, $upright, Axis::X, $depth);
            } else {
                $this->at->bench->join($shelf->id, $upright, JointKind::of($this->cell->methods->joint), Axis::X);
            }
        }
    }

    private function onPins(string $id, Text $name, Length $z, Length $below): void
    {
        $shelf = $this->loose($id, $name, $z, $below, JointKind::Pins);
        $this->at->bench->need($shelf->id, Text::of('hardware.shelf_pin'), 4);
    }

    private function loose(string $id, Text $name, Length $z, Length $below, JointKind $kind): Panel
    {
        $play = Length::fromMillimetres(self::PIN_PLAY_MM);
        $shelf = $this->board($id, $name, $this->cell->x->inside($play, Text::of('piece.pin_play', each: $play)), $z, $below);
        foreach (array_filter([$this->cell->by->left, $this->cell->by->right]) as $upright) {
            $this->at->bench->lay(new Joint($shelf->id, $upright, $kind, Axis::X, $play, Length::zero()));
        }

        return $shelf;
    }

    private function onCleats(string $id, Text $name, int $n, Length $z, Length $below): void
    {
        $shelf = $this->loose($id, $name, $z, $below, JointKind::Clears);
        foreach ($this->cleats($id, $n, $z, $below) as $cleat) {
            $this->at->bench->join($shelf->id, $cleat, JointKind::Rests, Axis::Z);
        }
    }

    /** @return list<string> a cleat at each side, its top at a height */
    private function cleats(string $id, int $n, Length $z, Length $below): array
    {
        $height = Length::least(Length::fromMillimetres(self::CLEAT_MM), $below);
        if ($height->isLessThan(Length::fromMillimetres(10))) {
            return [];
        }
        $made = [];
        $span = Span::of($z->minus($height), $height, Text::of('piece.cleat_height'));
        $short = Length::greatest(Length::fromMillimetres(20), $this->isNosed() ? $this->cell->board->thickness : Length::zero());
        $y = $this->cell->y->beforeLast(Length::least($short, $this->cell->y->value()->half()), Text::of('piece.cleat_short'));
        foreach (['left' => $this->cell->x->from, 'right' => $this->cell->x->to()->minus($this->cell->board->thickness)] as $side => $x) {
            $cleat = $this->at->maker($this->cell)
                ->cheek(new Named("$id:cleat_$side", Role::Cleat, Text::of("part.cleat_$side", n: $n, bay: $this->cell->label)), $x, $y, $span);
            $this->at->bench->join($cleat->id, $side === 'left' ? $this->cell->by->left : $this->cell->by->right, JointKind::Screws, Axis::X);
            $made[] = $cleat->id;
        }

        return $made;
    }

    /** Bars lie in notches of the standards, the shelf on the bars between the standards. */
    private function onBars(string $id, Text $name, int $n, Length $z, Length $below): void
    {
        $t = $this->cell->board->thickness;
        $play = Length::fromMillimetres(self::PIN_PLAY_MM);
        $in = $t->plus($play);
        $bar = $t->plus(Length::fromMillimetres(self::BEARING_MM));
        $reach = Length::fromMillimetres(self::STANDARD_MM - self::NOTCH_MM);
        if ($this->cell->x->value()->isLessThan($bar->times(2)) || $below->isLessThan($t) || $this->cell->y->value()->isLessThan($reach->times(3))) {
            return;
        }
        $shelf = $this->board($id, $name, $this->cell->x->inside($in, Text::of('piece.between_standards', t: $t, play: $play)), $z, $below);
        $y = $this->cell->y->inside($reach, Text::of('piece.bar_in_notches'));
        foreach (['left' => $this->cell->x->first($bar, Text::of('piece.bar_width')),
            'right' => $this->cell->x->last($bar, Text::of('piece.bar_width'))] as $side => $x) {
            $made = $this->at->maker($this->cell)
                ->out(new Named("$id:bar_$side", Role::Cleat, Text::of("part.bar_$side", n: $n, bay: $this->cell->label)), $x, $y, $z->minus($t));
            $this->at->bench->join($shelf->id, $made->id, JointKind::Rests, Axis::Z);
            foreach (['rear', 'front'] as $where) {
                $standard = "{$this->cell->bay->id}:standard_{$where}_$side";
                $at = $where === 'rear' ? $y->from : $y->to()->minus(Length::fromMillimetres(self::NOTCH_MM));
                $this->at->bench->take($standard, TakenKind::Notch,
                    Block::of($side === 'left' ? $this->cell->x->from : $this->cell->x->to()->minus($t),
                        $at, $z->minus($t), $t, Length::fromMillimetres(self::NOTCH_MM), $t));
            }
        }
    }

    /** Flush slats with equal air between: gap = (L − n·b)/(n − 1) (fieldbook §7). */
    private function slatted(string $id, int $n, Length $z, Length $below): void
    {
        $cleats = $this->cleats($id, $n, $z, $below);
        $width = Length::fromMillimetres(self::SLAT_MM);
        $depth = $this->cell->y->value();
        $count = max(2, intdiv($depth->units + self::SLAT_GAP_MM * Length::PER_MM, $width->units + self::SLAT_GAP_MM * Length::PER_MM));
        if ($depth->isLessThan($width->times(2))) {
            $count = 1;
        }
        $width = Length::least($width, $depth);
        $air = $count === 1 ? [] : $depth->minus($width->times($count))->splitInto($count - 1);
        $y = $this->cell->y->from;
        $play = Length::fromMillimetres(self::PIN_PLAY_MM);
        for ($i = 0; $i < $count; $i++) {
            $slat = $this->at->maker($this->cell)
                ->level(new Named($i === 0 ? $id : "$id:slat_".($i + 1), Role::Slat, Text::of('part.slat', n: $i + 1, shelf: $n, bay: $this->cell->label)),
                    $this->cell->x->inside($play, Text::of('piece.pin_play', each: $play)), Span::of($y, $width, Text::of('piece.slat_width')), $z);
            if ($i === 0) {
                foreach ($cleats as $cleat) {
                    $this->at->bench->join($slat->id, $cleat, JointKind::Rests, Axis::Z);
                }
            }
            $y = $y->plus($width)->plus($air[$i] ?? Length::zero());
        }
    }
}
