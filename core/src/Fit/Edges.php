<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;

/** Where the whole piece meets the house: gap profile, decision, cut line and ways, edge by edge. */
final readonly class Edges
{
    public function __construct(private Spot $spot, private Profiler $profiler, private Ways $ways, private Scriber $scriber)
    {
    }

    /** @return array<string, EdgeFit> by name; without those of which nobody has read anything */
    public function of(): array
    {
        $edges = [];
        foreach (EdgeName::cases() as $name) {
            $profile = $this->profile($name);
            if ($profile !== null) {
                $edges[$name->value] = $this->edge($name, $profile);
            }
        }

        return $edges;
    }

    private function edge(EdgeName $name, Profile $profile): EdgeFit
    {
        $chosen = $this->spot->piece->meeting($name);
        $scribe = $chosen?->kind->isScribed() === true ? $this->scriber->of($profile, $this->spot->piece->offsets[$name->value] ?? null,
            $this->opens($name)) : null;

        return new EdgeFit($name, $chosen?->kind, $this->spot->box->setOff[$name->value] ?? null, $profile, $scribe, $this->ways->of($name, $profile));
    }

    private function profile(EdgeName $name): ?Profile
    {
        $front = $this->spot->box->rear->plus($this->spot->piece->depth);

        return match ($name) {
            EdgeName::Left => $this->profiler->side(Side::Left),
            EdgeName::Right => $this->profiler->side(Side::Right),
            EdgeName::Top => $this->profiler->above($front),
            EdgeName::Base => $this->profiler->below($front->minus($this->setBack())),
            EdgeName::Back => $this->profiler->behind($this->spot->box->top(), $this->spot->box->left, $this->spot->box->right()),
        };
    }

    private function setBack(): Length
    {
        foreach ($this->spot->piece->main()->bands as $band) {
            return $band->setBack ?? Length::zero();
        }

        return Length::zero();
    }

    /** A wall that comes in behind the face needs the cut undercut by as much more (fieldbook §2: 90° − φ). */
    private function opens(EdgeName $name): float
    {
        $corner = $name->side() === null ? null : $this->spot->room->corner($name->side());

        return $corner instanceof Angle ? max(0.0, $corner->degrees - 90.0) : 0.0;
    }
}
