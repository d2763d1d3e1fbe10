<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\ReadingNote;
use Incastro\Core\Document\Facts\ReadingPhoto;
use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Instrument;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingForms;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Survey\Readings\Measurements;

/** The measured rooms of a plan: readings in their order, walls, what stands there, and how well all of it is known. */
final readonly class SiteSection implements \JsonSerializable
{
    /** @param  array<string, Room>  $rooms  by space */
    public function __construct(private array $rooms, private Tape $tape)
    {
    }

    public function jsonSerialize(): object
    {
        return (object) array_map($this->site(...), $this->rooms);
    }

    /** @return array<string, mixed> */
    private function site(Room $room): array
    {
        $walls = [];
        foreach ($room->isMeasured() ? Side::cases() : [] as $side) {
            foreach ($room->planes() as $plane) {
                $walls[$side->value][$plane->value] = array_map(
                    fn (WallPoint $p): array => ['z' => $p->z, 'x' => $p->x, 'exact' => $p->exact, 'ref' => $p->reading],
                    $room->wall($side, $plane),
                );
            }
        }

        return [
            'name' => $room->space->name,
            'kind' => $room->space->kind->value,
            'left' => $room->space->left->value,
            'right' => $room->space->right->value,
            'walk' => array_map(fn (Reading $r): array => $this->reading($r, $room), Walk::of($room->space)),
            'walls' => (object) $walls,
            'lean' => $room->isMeasured() ? ['left' => $room->lean(Side::Left), 'right' => $room->lean(Side::Right)] : null,
            'square' => ['left' => $room->corner(Side::Left), 'right' => $room->corner(Side::Right)],
            'slope' => $room->slopeAngle(),
            'forms' => (new ReadingForms($room->space, $room->sizes->lowest()))->all(),
            'things' => array_map(self::thing(...), $room->things),
            'usable' => $room->space->footprint === null ? null : Usable::over($room->space->footprint, $room),
            'studs' => Studs::along($room->space->build, $room->sizes->width),
            'floor' => $room->floor,
            'ceiling' => (object) $room->ceiling,
            'depth' => (object) $room->depth,
            'planes' => array_map(fn (Plane $p): string => $p->value, $room->planes()),
            'doubt' => new DoubtSection($room),
            'tape_checked' => $this->tape->isChecked(),
        ];
    }

    /** @return array<string, mixed> */
    private static function thing(PlacedThing $placed): array
    {
        $rule = $placed->thing->rule();

        return [
            'id' => $placed->thing->id, 'kind' => $placed->thing->kind->value, 'name' => $placed->name(),
            'treatment' => $placed->thing->treatment?->value, 'treatments' => $rule->treatments, 'faces' => $rule->faces,
            'must_reach' => $rule->mustReach, 'defer_to' => $rule->deferTo->value,
            'usual_free_area_cm2' => $placed->thing->usualFreeAreaCm2(),
            'notch' => Length::fromMillimetres($rule->notchMm), 'away' => Length::fromMillimetres($rule->awayMm),
        ];
    }

    /** @return array<string, mixed> */
    private function reading(Reading $reading, Room $room): array
    {
        $residual = $room->residuals[$reading->id] ?? null;
        $takes = $reading->takes;

        return [
            'id' => $reading->id,
            'kind' => $reading->kind->value,
            'name' => Measurements::of($reading->kind)->name($reading),
            'view' => Measurements::of($reading->kind)->view($reading, $room->space)->value,
            'value' => $reading->value(),
            'deg' => $reading->last()?->degrees,
            'typed' => $reading->last()?->typed,
            'takes' => array_map(fn (Take $t): array => ['id' => $t->id, 'value' => $t->value, 'deg' => $t->degrees, 'z' => $t->z, 'y' => $t->y,
                'typed' => $t->typed, 'with' => ($t->with ?? Instrument::usualFor($reading->kind))->value, 'at' => $t->at], $takes),
            'unreached' => $reading->unreached(),
            'notes' => array_map(fn (ReadingNote $n): array => ['id' => $n->id, 'text' => $n->text, 'at' => $n->at], $reading->notes),
            'photos' => array_map(
                fn (ReadingPhoto $p): array => ['id' => $p->id, 'photo' => $p->photo, 'width' => $p->width,
                    'height' => $p->height, 'caption' => $p->caption, 'at' => $p->at],
                $reading->photos),
            'off_by' => $residual === null || $reading->kind->isAngle() ? null : Length::roundedFromMillimetres($residual['mm'], Rounding::Nearest),
            'off_by_deg' => $residual === null || ! $reading->kind->isAngle() ? null : round($residual['mm'], 3),
            'checked' => isset($room->redundancy[$reading->id]) ? round($room->redundancy[$reading->id], 3) : null,
            'expected' => $room->expected[$reading->id] ?? null,
            'test' => $residual === null ? null : round($residual['standardised'], 2),
        ];
    }
}
