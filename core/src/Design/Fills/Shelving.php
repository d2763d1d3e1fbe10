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
use Incastro\Core\Geometry\Place3;
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

    private Cell $cell;

    public function __construct(private Workplace $at, private ?string $element = null)
    {
        $this->cell = $at->cell;
    }

    /** Shelves made from now on are those of the document's shelf. */
    public function for(string $element): self
    {
        return new self($this->at, $element);
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
                $panel = $this->at->maker()->upright(new Named("{$this->cell->bay->id}:standard_{$where}_$side", Role::Standard,
                    Text::of("part.standard_{$where}_$side", bay: $this->cell->label)), $x, $span, $this->cell->z);
                $this->at->bench->join($panel->id, $side === 'left' ? $this->cell->by->left : $this->cell->by->right, JointKind::Faced, Axis::X);
            }
        }
    }

    /** @param  Length  $below  clear under it */
    public function shelf(string $id, int $n, Length $z, Length $below): void
    {
        $shelf = new ShelfLevel($id, $n, $z, $below);
        match ($this->rest()) {
            ShelfRest::Fixed => $this->fixed($shelf),
            ShelfRest::Pins => $this->onPins($shelf),
            ShelfRest::Cleats => $this->onCleats($shelf),
            ShelfRest::Standards => $this->onBars($shelf),
            ShelfRest::Slats => $this->slatted($shelf),
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

    private function name(ShelfLevel $level): Text
    {
        return Text::of('part.shelf', n: $level->n, bay: $this->cell->label);
    }

    /** A nosing hangs no lower than there is room under it. */
    private function board(ShelfLevel $level, Span $x): Panel
    {
        $named = new Named($level->id, Role::Shelf, $this->name($level));
        $maker = $this->at->maker()->belongingTo(new Belongs($this->element));
        if (! $this->isNosed()) {
            return $maker->banded($this->banded())->level($named, $x, $this->cell->y, $level->z);
        }
        $t = $this->cell->board->thickness;
        $high = Length::least($this->cell->bay->fill->is->length('nosing'), $t->plus($level->below));
        $shelf = $maker->level($named, $x, $this->cell->y->beforeLast($t, Text::of('piece.nosing_before')), $level->z);
        // What is let into the uprights is the shelf alone.
        $between = $x->value()->isGreaterThan($this->cell->x->value()) ? $this->cell->x : $x;
        $front = $maker->strip(new Named("$level->id:nosing", Role::Lip, Text::of('part.nosing', of: $named->name)), $between,
            $this->cell->y->to()->minus($t), Span::of($level->z->plus($t)->minus($high), $high, Text::of('setting.nosing')));
        $this->at->bench->join($front->id, $shelf->id, JointKind::Faced, Axis::Y);

        return $shelf;
    }

    private function isNosed(): bool
    {
        return $this->cell->bay->fill->is->optionalLength('nosing')?->isPositive() === true;
    }

    private function fixed(ShelfLevel $level): void
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
        $shelf = $this->board($level, $x);
        foreach ([$by->left, $by->right] as $upright) {
            if ($dado) {
                $this->at->bench->house($shelf->id, $upright, Axis::X, $depth);
            } else {
                $this->at->bench->join($shelf->id, $upright, JointKind::of($this->cell->methods->joint), Axis::X);
            }
        }
    }

    private function onPins(ShelfLevel $level): void
    {
        $shelf = $this->loose($level, JointKind::Pins);
        $this->at->bench->need($shelf->id, Text::of('hardware.shelf_pin'), 4);
    }

    private function loose(ShelfLevel $level, JointKind $kind): Panel
    {
        $play = Length::fromMillimetres(self::PIN_PLAY_MM);
        $shelf = $this->board($level, $this->cell->x->inside($play, Text::of('piece.pin_play', each: $play)));
        foreach (array_filter([$this->cell->by->left, $this->cell->by->right]) as $upright) {
            $this->at->bench->lay(new Joint($shelf->id, $upright, $kind, Axis::X, $play, Length::zero()));
        }

        return $shelf;
    }

    private function onCleats(ShelfLevel $level): void
    {
        $shelf = $this->loose($level, JointKind::Clears);
        foreach ($this->cleats($level) as $cleat) {
            $this->at->bench->join($shelf->id, $cleat, JointKind::Rests, Axis::Z);
        }
    }

    /** @return list<string> a cleat at each side, its top at a height */
    private function cleats(ShelfLevel $level): array
    {
        $height = Length::least(Length::fromMillimetres(self::CLEAT_MM), $level->below);
        if ($height->isLessThan(Length::fromMillimetres(10))) {
            return [];
        }
        $made = [];
        $span = Span::of($level->z->minus($height), $height, Text::of('piece.cleat_height'));
        $short = Length::greatest(Length::fromMillimetres(20), $this->isNosed() ? $this->cell->board->thickness : Length::zero());
        $y = $this->cell->y->beforeLast(Length::least($short, $this->cell->y->value()->half()), Text::of('piece.cleat_short'));
        foreach (['left' => $this->cell->x->from, 'right' => $this->cell->x->to()->minus($this->cell->board->thickness)] as $side => $x) {
            $cleat = $this->at->maker()
                ->cheek(new Named("$level->id:cleat_$side", Role::Cleat, Text::of("part.cleat_$side", n: $level->n, bay: $this->cell->label)), $x, $y, $span);
            $this->at->bench->join($cleat->id, $side === 'left' ? $this->cell->by->left : $this->cell->by->right, JointKind::Screws, Axis::X);
            $made[] = $cleat->id;
        }

        return $made;
    }

    /** Bars lie in notches of the standards, the shelf on the bars between the standards. */
    private function onBars(ShelfLevel $level): void
    {
        $t = $this->cell->board->thickness;
        $play = Length::fromMillimetres(self::PIN_PLAY_MM);
        $in = $t->plus($play);
        $bar = $t->plus(Length::fromMillimetres(self::BEARING_MM));
        $reach = Length::fromMillimetres(self::STANDARD_MM - self::NOTCH_MM);
        if ($this->cell->x->value()->isLessThan($bar->times(2)) || $level->below->isLessThan($t) || $this->cell->y->value()->isLessThan($reach->times(3))) {
            return;
        }
        $shelf = $this->board($level, $this->cell->x->inside($in, Text::of('piece.between_standards', t: $t, play: $play)));
        $y = $this->cell->y->inside($reach, Text::of('piece.bar_in_notches'));
        foreach (['left' => $this->cell->x->first($bar, Text::of('piece.bar_width')),
            'right' => $this->cell->x->last($bar, Text::of('piece.bar_width'))] as $side => $x) {
            $made = $this->at->maker()
                ->out(new Named("$level->id:bar_$side", Role::Cleat, Text::of("part.bar_$side", n: $level->n, bay: $this->cell->label)), $x, $y,
                    $level->z->minus($t));
            $this->at->bench->join($shelf->id, $made->id, JointKind::Rests, Axis::Z);
            foreach (['rear', 'front'] as $where) {
                $standard = "{$this->cell->bay->id}:standard_{$where}_$side";
                $at = $where === 'rear' ? $y->from : $y->to()->minus(Length::fromMillimetres(self::NOTCH_MM));
                $this->at->bench->take($standard, TakenKind::Notch,
                    new Block(new Place3($side === 'left' ? $this->cell->x->from : $this->cell->x->to()->minus($t), $at, $level->z->minus($t)),
                        new Place3($t, Length::fromMillimetres(self::NOTCH_MM), $t)));
            }
        }
    }

    /** Flush slats with equal air between: gap = (L − n·b)/(n − 1) (fieldbook §7). */
    private function slatted(ShelfLevel $level): void
    {
        $cleats = $this->cleats($level);
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
            $slat = $this->at->maker()
                ->level(new Named($i === 0 ? $level->id : "$level->id:slat_".($i + 1), Role::Slat,
                    Text::of('part.slat', n: $i + 1, shelf: $level->n, bay: $this->cell->label)),
                    $this->cell->x->inside($play, Text::of('piece.pin_play', each: $play)), Span::of($y, $width, Text::of('piece.slat_width')), $level->z);
            if ($i === 0) {
                foreach ($cleats as $cleat) {
                    $this->at->bench->join($slat->id, $cleat, JointKind::Rests, Axis::Z);
                }
            }
            $y = $y->plus($width)->plus($air[$i] ?? Length::zero());
        }
    }
}
