<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\Edge;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/** The ways of closing each gap, with what each leaves and takes, and the one that an experienced hand would choose here. */
final readonly class Ways
{
    /** Up to this a gap is neat (fieldbook §2). */
    private const NEAT_MM = 3;

    /** Over this a straight moulding shows how a ceiling wanders. */
    private const WANDERS_MM = 6;

    /** Over this a piece stops at a line and nothing closes the gap above it. */
    private const OPEN_ABOVE_MM = 100;

    public function __construct(private Spot $spot, private Material $board, private Seen $seen, private Profiler $profiler)
    {
    }

    /** @return list<Way> none where nothing is to be closed */
    public function of(EdgeName $edge, Profile $gaps): array
    {
        $side = $edge->side();
        if (($side !== null && $this->spot->room->space->side($side) === SideKind::Open && ! $this->profiler->hasNeighbour($side))
            || ($edge === EdgeName::Top && $gaps->least()->isGreaterThan(Length::fromMillimetres(self::OPEN_ABOVE_MM)))) {
            return [];
        }
        if ($edge === EdgeName::Top && $this->seen->sloped) {
            // Cut to the slope, it keeps its clearance all along: no level strip closes that.
            $play = $this->way(EdgeKind::Play, $edge, $gaps);

            return [new Way($play->kind, true, $play->least, $play->greatest, null, 0, null,
                Text::of('way.because.slope.play', least: $play->least, greatest: $play->greatest))];
        }
        $ways = array_map(fn (EdgeKind $k): Way => $this->way($k, $edge, $gaps), $edge->kinds());
        [$order, $why] = $this->preferred($edge, $gaps);
        foreach ($order as $kind) {
            foreach ($ways as $i => $way) {
                if ($way->kind === $kind && $way->fits) {
                    $ways[$i] = $way->proposed(Text::of("way.because.$why.{$kind->value}",
                        least: $way->least, greatest: $way->greatest, spread: $gaps->spread()));

                    return $ways;
                }
            }
        }

        return $ways;
    }

    private function way(EdgeKind $kind, EdgeName $edge, Profile $gaps): Way
    {
        [$least, $greatest] = $this->left($kind, $edge, $gaps);
        $blank = match ($kind) {
            EdgeKind::Play => null,
            EdgeKind::Trim => Cover::width($greatest)->value,
            EdgeKind::ScribedSide => $greatest->plus(Length::fromMillimetres(Scriber::SPARE_MM))->plus($this->board->thickness),
            default => $greatest->plus(Length::fromMillimetres(Scriber::SPARE_MM)),
        };
        $isAir = $kind === EdgeKind::Play && $edge->side() !== null && $this->spot->room->space->side($edge->side()) === SideKind::Appliance;
        $fits = $isAir || (Limits::of($kind)->hold($least, $greatest) && ($kind !== EdgeKind::ExtendedStile || $this->seen->framed));

        return new Way($kind, $fits, $least, $greatest, $blank, self::minutes($kind, $gaps->length()), $this->cents($kind, $blank, $gaps->length()));
    }

    /** @return array{Length, Length} a side that is closed another way stands off by what is usual for that way */
    private function left(EdgeKind $kind, EdgeName $edge, Profile $gaps): array
    {
        $chosen = $this->spot->piece->meeting($edge);
        if ($edge->side() === null || ! $chosen instanceof Edge || $chosen->kind === $kind || $this->spot->piece->width !== null) {
            return [$gaps->least(), $gaps->greatest()];
        }
        $by = $kind->usualSetOff()->minus($chosen->setOff);

        return [$gaps->least()->plus($by), $gaps->greatest()->plus($by)];
    }

    /** @return array{list<EdgeKind>, string} in order of preference, and what decides it */
    private function preferred(EdgeName $edge, Profile $gaps): array
    {
        [$filler, $stile, $lip, $self, $trim, $play] = [EdgeKind::Filler, EdgeKind::ExtendedStile,
            EdgeKind::ScribedSide, EdgeKind::Scribed, EdgeKind::Trim, EdgeKind::Play];
        $side = $edge->side();
        if ($side !== null) {
            return match (true) {
                $this->spot->room->space->side($side) === SideKind::Appliance => [[$play, $filler, $trim], 'appliance'],
                $this->profiler->hasNeighbour($side) => [[$play, $trim, $filler], 'neighbour'],
                $this->seen->framed => [[$stile, $filler, $trim, $play], 'frame'],
                $this->seen->opensAt($side) => [[$filler, $lip, $trim, $play], 'door'],
                default => [[$play, $lip, $filler, $trim], 'plain'],
            };
        }

        return match ($edge) {
            EdgeName::Top => [$gaps->spread()->isGreaterThan(Length::fromMillimetres(self::WANDERS_MM))
                ? [$filler, $trim, $play] : [$play, $trim, $filler], 'top'],
            EdgeName::Base => [$gaps->greatest()->isGreaterThan(Length::fromMillimetres(self::NEAT_MM)) ? [$trim, $self, $play] : [$play, $trim], 'base'],
            default => $this->seen->slabs ? [$gaps->greatest()->isGreaterThan(Length::fromMillimetres(self::NEAT_MM)) ? [$self, $trim] : [$play], 'back']
                : [[$play, $self, $trim], 'hidden'],
        };
    }

    /** Our usual figures for one pair of hands: setting up, and by the metre. */
    private static function minutes(EdgeKind $kind, Length $length): int
    {
        [$start, $perMetre] = match ($kind) {
            EdgeKind::Filler => [30, 8],
            EdgeKind::ExtendedStile, EdgeKind::ScribedSide => [25, 8],
            EdgeKind::Scribed => [20, 8],
            EdgeKind::Trim => [10, 6],
            EdgeKind::Play => [5, 4],
        };

        return (int) (5 * ceil(($start + $perMetre * $length->millimetres() / 1_000) / 5));
    }

    /** By area of the sheet it is cut from; moulding and caulk have no price here. */
    private function cents(EdgeKind $kind, ?Length $blank, Length $length): ?int
    {
        if ($blank === null || $kind === EdgeKind::Trim || $this->board->priceCents === 0) {
            return null;
        }
        $share = ($blank->units * $length->units) / ($this->board->sheetLength->units * $this->board->sheetWidth->units);

        return Rounding::Up->apply($share * $this->board->priceCents);
    }
}
