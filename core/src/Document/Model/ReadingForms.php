<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The readings that a person may add to a space, by the surfaces it has: what is fixed of each, and which places are asked. */
final readonly class ReadingForms
{
    public function __construct(private Space $space, private Length $lowest)
    {
    }

    /** @return list<array{key: string, name: Text, fixed: array<string, mixed>, asks: list<string>}> */
    public function all(): array
    {
        $forms = [
            self::form('width', ['kind' => 'width'], 'z'),
            self::form('width_back', ['kind' => 'width', 'plane' => 'back'], 'z'),
            self::form('narrowest', ['kind' => 'narrowest']),
            self::form('height', ['kind' => 'height'], 'x'),
            self::form('height_xy', ['kind' => 'height'], 'x', 'y'),
            self::form('depth', ['kind' => 'depth'], 'x', 'z'),
            self::form('plumb_back', ['kind' => 'plumb', 'face' => 'back'], 'x', 'from_z', 'z'),
            self::form('level', ['kind' => 'level']),
            self::form('level_back', ['kind' => 'level', 'plane' => 'back']),
            self::form('level_depth', ['kind' => 'level', 'along' => 'depth', 'side' => 'left']),
            self::form('level_ceiling', ['kind' => 'level', 'face' => 'ceiling']),
            self::form('gap_back', ['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => 'back'], 'x', 'z'),
            self::form('gap_back_up', ['kind' => 'gap', 'face' => 'back', 'edge' => 'back up'], 'x', 'z'),
            self::form('gap_floor', ['kind' => 'gap', 'face' => 'floor', 'along' => 'run', 'edge' => 'floor'], 'x'),
            self::form('diagonal_right', ['kind' => 'diagonal', 'rise' => 'rising_right']),
            self::form('diagonal_left', ['kind' => 'diagonal', 'rise' => 'rising_left']),
            self::form('floor_diagonal_left', ['kind' => 'diagonal', 'face' => 'floor', 'side' => 'left']),
            self::form('floor_diagonal_right', ['kind' => 'diagonal', 'face' => 'floor', 'side' => 'right']),
        ];
        foreach (Side::cases() as $side) {
            array_push($forms, ...($this->space->side($side) === SideKind::Open ? [] : $this->ofSide($side->value)));
        }

        return [...$forms, ...$this->overhead(), ...$this->opening()];
    }

    /** @return list<array{key: string, name: Text, fixed: array<string, mixed>, asks: list<string>}> */
    private function ofSide(string $side): array
    {
        $isStep = fn (Reading $r): bool => $r->kind === ReadingKind::StepEdge && $r->on()->value === $side;
        $parts = array_filter($this->space->readings, $isStep) === [] ? []
            : [self::form("slid_parts_$side", ['kind' => 'slid_edge', 'face' => $side, 'step' => 1])];

        return [
            ...$parts,
            self::form("plumb_$side", ['kind' => 'plumb', 'side' => $side, 'from_z' => $this->lowest], 'z'),
            self::form("plumb_{$side}_back", ['kind' => 'plumb', 'side' => $side, 'plane' => 'back'], 'from_z', 'z'),
            self::form("slid_edge_$side", ['kind' => 'slid_edge', 'face' => $side]),
            self::form("step_out_$side", ['kind' => 'step_edge', 'face' => $side, 'along' => 'depth']),
            self::form("step_up_$side", ['kind' => 'step_edge', 'face' => $side]),
            self::form("gap_$side", ['kind' => 'gap', 'face' => $side, 'edge' => "$side front"], 'z'),
            self::form("corner_$side", ['kind' => 'corner_angle', 'side' => $side]),
            self::form("square_$side", ['kind' => 'three_four_five', 'side' => $side], 'along_back', 'along_side'),
        ];
    }

    /** @return list<array{key: string, name: Text, fixed: array<string, mixed>, asks: list<string>}> */
    private function overhead(): array
    {
        $forms = $this->space->slope === null ? [] : [
            self::form('knee', ['kind' => 'knee']),
            self::form('slope_angle', ['kind' => 'slope_angle']),
            self::form('slope_rise', ['kind' => 'slope_rise'], 'run'),
            self::form('slope_start', ['kind' => 'slope_start']),
            self::form('height_flat', ['kind' => 'height', 'face' => 'ceiling'], 'x'),
        ];
        for ($step = 1; $this->space->kind === SpaceKind::UnderStair && $step <= 8; $step++) {
            $forms[] = self::form('step_at', ['kind' => 'step_at', 'step' => $step]);
            $forms[] = self::form('step_height', ['kind' => 'step_height', 'step' => $step]);
        }

        return $forms;
    }

    /** @return list<array{key: string, name: Text, fixed: array<string, mixed>, asks: list<string>}> */
    private function opening(): array
    {
        $mouth = ! $this->space->kind->hasMouth() ? [] : [
            self::form('mouth_width', ['kind' => 'mouth_width'], 'z'),
            self::form('mouth_height_left', ['kind' => 'mouth_height', 'side' => 'left']),
            self::form('mouth_height_right', ['kind' => 'mouth_height', 'side' => 'right']),
            self::form('return_left', ['kind' => 'return', 'side' => 'left'], 'z'),
            self::form('return_right', ['kind' => 'return', 'side' => 'right'], 'z'),
        ];

        return ! $this->space->kind->hasBreast() ? $mouth : [
            self::form('flank_left', ['kind' => 'flank', 'side' => 'left'], 'z'),
            self::form('flank_right', ['kind' => 'flank', 'side' => 'right'], 'z'),
            self::form('breast_width', ['kind' => 'breast_width'], 'z'),
        ];
    }

    /**
     * @param  array<string, mixed>  $fixed
     * @return array{key: string, name: Text, fixed: array<string, mixed>, asks: list<string>}
     */
    private static function form(string $key, array $fixed, string ...$asks): array
    {
        $step = is_int($fixed['step'] ?? null) ? $fixed['step'] : null;

        return ['key' => $step === null ? $key : "{$key}_$step", 'name' => $step === null ? Text::of("form.$key") : Text::of("form.$key", step: $step),
            'fixed' => $fixed, 'asks' => array_values($asks)];
    }
}
