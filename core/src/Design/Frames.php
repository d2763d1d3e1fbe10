<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\CornerRule;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Run;
use Incastro\Core\Document\Model\RunWall;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Where each run stands. In a corner one run goes through to the wall and the other stops before its front, leaving room so
 * that doors and drawers of both clear each other.
 */
final readonly class Frames
{
    public function __construct(private Piece $piece, private Box $box)
    {
    }

    /** @return list<RunFrame> the run along the back wall first */
    public function all(): array
    {
        $frames = [$this->back($this->piece->main())];
        foreach ($this->piece->runs as $run) {
            if ($run->wall !== RunWall::Back) {
                $frames[] = $this->along($run);
            }
        }

        return $frames;
    }

    private function back(Run $run): RunFrame
    {
        $x = new Span($this->box->left, $this->box->width);
        foreach (Side::cases() as $side) {
            $other = $this->piece->along($side);
            if ($other !== null && $other->corner === CornerRule::Through) {
                $by = $this->reach($other)->plus($other->cornerRoom);
                $why = Text::of('piece.run_through', depth: $this->reach($other), room: $other->cornerRoom);
                $x = $side === Side::Left ? $x->afterFirst($by, $why) : $x->beforeLast($by, $why);
            }
        }

        return new RunFrame($run, Turn::none(), $x, $this->box->rear, $this->depth($run), $this->box->floor, $this->height(), $this->marks(), $this->box->limit,
            $this->isFree(Side::Left), $this->isFree(Side::Right), $this->piece->up()->isPositive());
    }

    /** Its end meets the wall: no run stands along that wall. */
    private function isFree(Side $side): bool
    {
        return $this->piece->along($side) === null;
    }

    private function along(Run $run): RunFrame
    {
        $left = $run->wall === RunWall::Left;
        $length = $run->length ?? Length::zero();
        $start = $run->corner === CornerRule::Through ? Length::zero() : $this->reach($this->piece->main())->plus($run->cornerRoom);
        $size = Figure::of($length, Text::of('piece.run_length'), "$run->id/length");
        $size = $start->isZero() ? $size : $size->minus($start, Text::of('piece.run_stops', depth: $this->reach($this->piece->main()), room: $run->cornerRoom));
        $turn = $left ? Turn::left($this->box->left, $length) : Turn::right($this->box->right());

        return new RunFrame($run, $turn, new Span($left ? Length::zero() : $start, $size),
            Length::zero(), $this->depth($run), $this->box->floor, $this->height(),
            new Marks([], [], [($left ? Side::Right : Side::Left)->value => $this->hidden($this->piece->main(), $run)]),
            $this->box->limit === null ? null : $turn->slantFromHouse($this->box->limit), false, false, $this->piece->up()->isPositive());
    }

    /** How far a run reaches from its wall: its deepest band, overhang included. */
    private function reach(Run $run): Length
    {
        $depth = $this->piece->depthOf($run);
        $reach = $depth;
        foreach ($run->bands as $band) {
            $reach = Length::greatest($reach, ($band->depth ?? $depth)->plus(Length::greatest(Length::zero(), $band->overhang)));
        }

        return $reach;
    }

    private function depth(Run $run): Figure
    {
        return Figure::of($this->piece->depthOf($run), Text::of('piece.depth_chosen'), $run->depth === null ? "{$this->piece->id}/depth" : "$run->id/depth");
    }

    private function height(): Figure
    {
        return Figure::of($this->piece->height, Text::of('piece.height_chosen'), "{$this->piece->id}/height");
    }

    private function marks(): Marks
    {
        $corners = [];
        foreach (Side::cases() as $side) {
            $other = $this->piece->along($side);
            $corners += $other === null ? [] : [$side->value => $this->hidden($other, $other)];
        }

        return new Marks($this->box->studs, [], $corners);
    }

    /** Behind the run that stops: its depth and the room before it. */
    private function hidden(Run $run, Run $side): Length
    {
        return $this->reach($run)->plus($side->cornerRoom);
    }
}
