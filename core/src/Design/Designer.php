<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\BandKind;
use Incastro\Core\Document\Front;
use Incastro\Core\Document\Material;
use Incastro\Core\Document\Piece;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Turns a piece and the box it is given into panels. */
final readonly class Designer
{
    private const LEAST_PART_MM = 6;

    /** @param  array<string, Material>  $stock */
    public function __construct(private array $stock)
    {
    }

    public function design(Piece $piece, Box $box): Design
    {
        $frame = new Measures($piece, $box, $this->stock);
        $tooNarrow = $this->tooSmall($piece, $frame);
        if ($tooNarrow !== null) {
            return new Design([], [], [], [$tooNarrow]);
        }
        $panels = $openings = $spacings = $findings = [];
        foreach ($piece->runs as $run) {
            $band = $run->first(BandKind::Box);
            if ($band === null) {
                continue;
            }
            $openings += $frame->openings($band);
            $bays = new Bays($frame, $band, $openings);
            $spacings += $bays->spacings;
            array_push($panels, ...(new Carcass($frame, $band))->panels(), ...$bays->panels());
            array_push($findings, ...$bays->findings());
            if ($piece->methods->front === Front::FaceFrame) {
                array_push($panels, ...(new FaceFrame($frame, $band, $openings))->panels());
            }
            $plinth = $run->first(BandKind::Plinth);
            if ($plinth !== null) {
                array_push($panels, ...(new Plinth($frame, $plinth, $band, $openings))->panels());
            }
        }

        $vanished = array_filter($panels, self::vanishes(...));

        return new Design(
            array_values(array_diff_key($panels, $vanished)), $openings, $spacings,
            [...$findings, ...array_map(self::vanished(...), array_values($vanished))],
        );
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

        return new Finding('piece.part_vanishes', Severity::Stop, new Place('piece', $panel->piece),
            Text::of('piece.part_vanishes', part: $panel->name, size: $size, least: $least),
            Text::of('piece.make_room'), Text::of('source.geometry'), $size, $least);
    }

    /** A carcass needs an opening of at least 50 mm in each bay, and as much height and depth. */
    private function tooSmall(Piece $piece, Measures $m): ?Finding
    {
        $bays = max(1, ...array_map(fn ($run): int => count($run->first(BandKind::Box)->bays ?? []), array_values($piece->runs)));
        $least = Length::fromMillimetres(50);
        $needs = [
            'width' => [$m->box->width->value, $m->thickness->times($bays + 1)->plus($least->times($bays))],
            'height' => [$m->box->height->value, $m->thickness->times(2)->plus($least)],
            'depth' => [$m->carcassDepth()->value, $least],
        ];
        foreach ($needs as $axis => [$has, $need]) {
            if ($has->isLessThan($need)) {
                return new Finding("piece.too_small_$axis", Severity::Stop, new Place('piece', $piece->id),
                    Text::of("piece.too_small_$axis", has: $has, need: $need), Text::of('piece.make_room'),
                    Text::of('source.geometry'), $has, $need);
            }
        }

        return null;
    }
}
