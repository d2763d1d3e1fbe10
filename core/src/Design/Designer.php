<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Document\Model\CornerRule;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\StoredThing;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Turns a piece and the box it is given into panels, run by run; each run is made in its own frame and turned into the house. */
final readonly class Designer
{
    private const LEAST_PART_MM = 6;

    /**
     * @param  array<string, Material>  $stock
     * @param  array<string, StoredThing>  $stored
     */
    public function __construct(private array $stock, private array $stored = [], private ?Length $trim = null)
    {
    }

    public function design(Piece $piece, Box $box): Design
    {
        $bench = new Bench($piece->id);
        $stuff = new Stuff($piece, $this->stock, $this->stored, $this->trim ?? Length::zero());
        $tooNarrow = $this->tooSmall($piece, $box, $stuff->board());
        if ($tooNarrow !== null) {
            return new Design([], [], [], [], [], [], [], [$tooNarrow]);
        }
        $letters = new Letters($piece);
        [$turns, $runs] = [[], []];
        foreach ((new Frames($piece, $box))->all() as $frame) {
            $cells = $bench->cells;
            $runs[$frame->run->id] = $this->turned($bench, $frame->turn, fn (): MadeRun => new MadeRun($frame,
                (new RunMaker($bench, $stuff, $frame, $letters))->make()));
            $turns += array_fill_keys(array_keys(array_diff_key($bench->cells, $cells)), $frame->turn);
        }
        foreach (Side::cases() as $side) {
            $this->corner($bench, $piece, $side, $runs);
        }
        $fronts = $runs[$piece->main()->id]->fronts;
        $vanished = array_filter($bench->panels, self::vanishes(...));
        $bench->drop($vanished);
        BothSides::mend($bench);

        return new Design(
            array_values($bench->panels), $bench->joints, $bench->hardware, $bench->openings, $bench->spacings, $bench->cells, $fronts,
            [...$bench->findings, ...array_map(self::vanished(...), array_values($vanished))], $turns, $bench->hung,
        );
    }

    /**
     * What is made in the frame of a run stands in the room after.
     *
     * @param  \Closure(): MadeRun  $make
     */
    private function turned(Bench $bench, Turn $turn, \Closure $make): MadeRun
    {
        $before = $bench->panels;
        $joints = count($bench->joints);
        $made = $make();
        $made = $made->with(array_keys(array_diff_key($bench->panels, $before)));
        foreach ($turn->isNone() ? [] : $made->panels as $id) {
            $bench->panels[$id] = $bench->panels[$id]->turnedBy($turn);
        }
        for ($j = $joints; $j < count($bench->joints); $j++) {
            $bench->joints[$j] = $bench->joints[$j]->turned($turn);
        }

        return $made;
    }

    /**
     * The slot between the runs that meet in a corner is closed.
     *
     * @param  array<string, MadeRun>  $runs
     */
    private function corner(Bench $bench, Piece $piece, Side $side, array $runs): void
    {
        $other = $piece->along($side);
        if ($other === null) {
            return;
        }
        [$main, $along] = [$runs[$piece->main()->id], $runs[$other->id]];
        $isThrough = $other->corner === CornerRule::Through;
        [$stops, $through] = $isThrough ? [$main, $along] : [$along, $main];
        // Seen along its own wall, the corner is at the end where the other wall begins.
        $end = fn (MadeRun $run): Side => $run === $main ? $side : $side->other();
        $room = Figure::of($other->cornerRoom, Text::of('piece.corner_room'), "$other->id/corner_room");
        $strips = new CornerStrips($bench, $stops->frame, $end($stops), $room);
        $blinds = new BlindPanels($bench, $through->frame, $end($through), $room);
        $this->added($bench, $stops, fn (): array => $strips->make($stops->fronts, $through->fronts, $through->panels));
        $this->added($bench, $through, $blinds->make(...));
    }

    /**
     * More boards of a run that is made.
     *
     * @param  \Closure(): list<string>  $make
     */
    private function added(Bench $bench, MadeRun $run, \Closure $make): void
    {
        $this->turned($bench, $run->frame->turn, function () use ($bench, $run, $make): MadeRun {
            $made = $make();
            if ($run->frame->limit !== null) {
                SlopeCut::plain($bench, $run->frame->limit, $made);
            }

            return $run;
        });
    }

    /** Too little is left of a board to saw or to hold. */
    private static function vanishes(Panel $panel): bool
    {
        $least = Length::fromMillimetres(self::LEAST_PART_MM);

        return $panel->length->value->isLessThan($least) || $panel->width->value->isLessThan($least);
    }

    private static function vanished(Panel $panel): Finding
    {
        $size = Length::least($panel->length->value, $panel->width->value);
        $least = Length::fromMillimetres(self::LEAST_PART_MM);

        return new Finding('piece.part_vanishes', Severity::Stop, new Place(WorkStage::Piece, $panel->piece),
            Text::of('piece.part_vanishes', part: $panel->name, size: $size, least: $least),
            Text::of('piece.make_room'), Text::of('source.geometry'), $size, $least);
    }

    /** Each bay needs an opening of at least 50 mm, and the piece as much height and depth. */
    private function tooSmall(Piece $piece, Box $box, Board $board): ?Finding
    {
        $least = Length::fromMillimetres(50);
        $boards = $board->thickness->times(2)->plus($least);
        $bays = max(1, ...array_map(fn (Band $b): int => $b->kind === BandKind::Box ? count($b->bays) : 0, array_values($piece->main()->bands)));
        $needs = ['width' => [$box->width->value, $board->thickness->times($bays + 1)->plus($least->times($bays))], 'depth' => [$box->depth->value, $least]];
        if ($piece->main()->hasBoxes()) {
            $needs['height'] = [$box->height->value, $boards];
        }
        foreach ($needs as $axis => [$has, $need]) {
            if ($has->isLessThan($need)) {
                return new Finding("piece.too_small_$axis", Severity::Stop, new Place(WorkStage::Piece, $piece->id),
                    Text::of("piece.too_small_$axis", has: $has, need: $need), Text::of('piece.make_room'),
                    Text::of('source.geometry'), $has, $need);
            }
        }

        return null;
    }
}
