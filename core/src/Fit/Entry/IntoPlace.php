<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Whether a box that has come into the room gets into its place there: raised and slid, as it is, or with what can come off taken off. */
final readonly class IntoPlace
{
    /** What comes off with a screwdriver or a bar, and goes back on. */
    private const REMOVABLE = [ThingKind::WallPlate, ThingKind::Light, ThingKind::Baseboard, ThingKind::Shoe,
        ThingKind::WindowTrim, ThingKind::DoorTrim, ThingKind::Detector, ThingKind::Radiator];

    /** Play under the lowest ceiling while it is raised (fieldbook §8). */
    private const PLAY_MM = 5.0;

    private Section $section;

    private function __construct(private Load $load, private Standing $standing)
    {
        $this->section = $standing->section($load->place);
    }

    /** @param  bool  $isUpright  it was carried upright all the way, so that it need not be raised at all */
    public static function of(Load $load, Standing $standing, bool $isUpright): InPlace
    {
        $self = new self($load, $standing);

        return $self->throughMouth() ?? $self->asItIs() ?? $self->withoutThings() ?? $self->withoutParts() ?? $self->upright($isUpright) ?? $self->cannot();
    }

    /** Of a box in a section, raised from where its foot stands. */
    public static function raising(Load $load, Section $section, Standing $standing): Raising
    {
        $mm = fn (Length $l): float => (float) $l->millimetres();
        $rear = $mm($load->place->corner->y);

        return new Raising($section, $load->shape,
            new Resting($rear, max(0.0, $mm($load->place->corner->z) - $standing->floor()), $rear + $load->depthMm));
    }

    /** As it is told; what is endless is told as far. */
    public static function length(float $mm): Length
    {
        return Length::nearestTenth(is_infinite($mm) ? 9999.0 : $mm);
    }

    /** Wider than the mouth it must pass it is not asked further. */
    private function throughMouth(): ?InPlace
    {
        $mouth = $this->standing->mouth();

        return $mouth === null || $this->load->widthMm <= $mouth ? null
            : $this->told(Verdict::NotFound, Text::of('entry.mouth_narrow', width: self::length($this->load->widthMm),
                mouth: self::length($mouth), by: self::length($this->load->widthMm - $mouth)));
    }

    private function asItIs(): ?InPlace
    {
        $way = $this->raised()->way();

        return $way === null ? null
            : $this->told(Verdict::Goes,
                Text::of($way['searched'] ? 'entry.place_searched' : 'entry.place_goes', clear: self::length($way['clearance'])), $way);
    }

    /** With one thing of the wall or the ceiling taken off. */
    private function withoutThings(): ?InPlace
    {
        foreach ($this->standing->blocking($this->load->place) as $placed) {
            $without = in_array($placed->thing->kind, self::REMOVABLE, true) ? $this->standing->section($this->load->place, [$placed->thing->id]) : null;
            $way = $without === null ? null : self::raising($this->load, $without, $this->standing)->way();
            if ($without !== null && $way !== null) {
                $says = Text::of('entry.place_without', thing: $placed->name(), clear: self::length($way['clearance']));

                return new InPlace(Verdict::GoesIf, $says, self::raising($this->load, $without, $this->standing), $without, $way);
            }
        }

        return null;
    }

    /** With its frame, its back or both put on once it stands. */
    private function withoutParts(): ?InPlace
    {
        [$frames, $back] = [$this->load->framesMm, $this->load->backMm];
        foreach (['frame' => $frames, 'back' => $back, 'both' => $frames > 0.0 && $back > 0.0 ? $frames + $back : 0.0] as $what => $mm) {
            $raising = self::raising($this->load->without($mm), $this->section, $this->standing);
            $way = $mm > 0.0 ? $raising->way(plainOnly: true) : null;
            if ($way !== null) {
                return new InPlace(Verdict::GoesIf, Text::of("entry.place_without_$what", clear: self::length($way['clearance'])),
                    $raising, $this->section, $way);
            }
        }

        return null;
    }

    /** Upright it is slid, and need not be raised. */
    private function upright(bool $isUpright): ?InPlace
    {
        $way = $this->raised()->way(true);

        return $way === null ? null : $this->told($isUpright ? Verdict::Goes : Verdict::GoesIf,
            Text::of($isUpright ? 'entry.place_upright' : 'entry.place_if_upright', needs: self::length($this->needs()), by: self::length($this->over())),
            $way);
    }

    private function cannot(): InPlace
    {
        return $this->over() > 0.0
            ? $this->told(Verdict::Cannot, Text::of('entry.place_cannot_tip', needs: self::length($this->needs()),
                has: self::length($this->section->highest()), by: self::length($this->over())))
            : $this->told(Verdict::NotFound, Text::of('entry.place_not_found', step: self::length(Raising::STEP_MM)));
    }

    private function raised(): Raising
    {
        return self::raising($this->load, $this->section, $this->standing);
    }

    /** Height it sweeps while it is raised. mm. */
    private function needs(): float
    {
        return $this->raised()->needs() + self::PLAY_MM;
    }

    private function over(): float
    {
        return $this->needs() - $this->section->highest();
    }

    /** @param  array{poses: non-empty-list<Tilt>, clearance: float, searched: bool}|null  $way */
    private function told(Verdict $verdict, Text $says, ?array $way = null): InPlace
    {
        return new InPlace($verdict, $says, $this->raised(), $this->section, $way);
    }
}
