<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Document\Fields\Field;
use Incastro\Core\Document\Fields\FieldType;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Tests\Sample;

/** Random pieces in the whole vocabulary, in a niche, under a slope along the depth, or under one along the run. */
final class AnyPiece
{
    private int $ids = 0;

    public function __construct(int $seed)
    {
        mt_srand($seed);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $document = $this->room();
        $piece = &$document['pieces'][Sample::PIECE];
        $piece['height'] = mt_rand(500, 2300);
        $piece['depth'] = mt_rand(220, 800);
        $piece['back_material'] = Sample::BACK;
        $piece['methods'] = $this->methods();
        $piece['runs'] = [Sample::RUN => ['order' => 'a', 'bands' => $this->bands(1)]];
        if (mt_rand(0, 4) === 0) {
            $piece['runs'][$this->id('RUN')] = ['order' => 'b', 'wall' => $this->one(['left', 'right']),
                'length' => mt_rand(1400, 2600), 'corner' => $this->one(['through', 'stops']), 'bands' => $this->bands(1)];
        }
        foreach (['left', 'right'] as $side) {
            $piece[$side] = ['kind' => $this->one(['filler', 'extended_stile', 'scribed_side', 'trim', 'play']), 'set_off' => mt_rand(12, 60)];
        }
        $document['stock'][Sample::PLY]['thickness'] = $this->one([18, 17.6, 12.3, 19.05]);
        foreach ($piece['runs'] as &$run) {
            $run = count($piece['runs']) > 1 && mt_rand(0, 1) === 0 ? $this->withDeadCorner($run, mt_rand(0, 1) === 0) : $run;
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $run
     * @return array<string, mixed>
     */
    private function withDeadCorner(array $run, bool $atLeft): array
    {
        foreach ($run['bands'] as &$band) {
            $ids = array_keys($band['bays'] ?? []);
            if (count($ids) > 1) {
                $id = $ids[$atLeft ? 0 : count($ids) - 1];
                $band['bays'][$id] = array_intersect_key($band['bays'][$id], ['order' => 1])
                    + ['width' => ['by' => 'corner'], 'fill' => ['kind' => 'dead_corner']];
            }
        }

        return $run;
    }

    /** @return array<string, mixed> */
    private function room(): array
    {
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 2400), 2, 1800, 2405);
        $slope = $this->one([null, null, 'depth', 'run']);
        if ($slope !== null) {
            $document['spaces'][Sample::SPACE]['kind'] = $slope === 'depth' ? 'under_slope' : 'under_stair';
            $document['spaces'][Sample::SPACE]['right'] = 'wall';
            $low = $slope === 'depth' ? 'back' : $this->one(['left', 'right']);
            $document['spaces'][Sample::SPACE]['slope'] = ['along' => $slope, 'low' => $low, 'flat' => false];
            $at = $slope === 'depth' ? [['y' => 50, 'x' => 1200], ['y' => 750, 'x' => 1200]] : [['x' => 100, 'y' => 300], ['x' => 2200, 'y' => 300]];
            $heights = $low === 'right' ? [2000, 700] : [700, $slope === 'depth' ? 1400 : 2000];
            foreach ($at as $i => $place) {
                $document = Sample::reading($document, Sample::id('SH', 900 + $i), ['kind' => 'height'] + $place, $heights[$i]);
            }
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private function methods(): array
    {
        $all = ['front' => ['banded', 'face_frame'], 'top' => ['between', 'capping', 'rails'],
            'bottom' => ['between', 'under'], 'shelves' => ['pins', 'fixed', 'cleats', 'standards', 'slats'],
            'back' => ['none', 'applied', 'captured'], 'joint' => ['pocket_screws', 'screws', 'dowels', 'dado'], 'slope_top' => ['raking', 'open']];

        return array_map($this->one(...), array_filter($all, fn (): bool => mt_rand(0, 2) > 0));
    }

    /** @return array<string, mixed> */
    private function bands(int $level): array
    {
        $bands = [];
        $order = 0;
        $add = function (array $band) use (&$bands, &$order): void {
            $bands[$this->id('BAND')] = ['order' => sprintf('%02d', $order++)] + $band;
        };
        if ($level === 1 && mt_rand(0, 2) > 0) {
            $add(['kind' => $this->one(['plinth', 'toe_kick']), 'height' => mt_rand(60, 120), 'set_back' => mt_rand(0, 60)]);
        }
        for ($i = 0, $n = mt_rand(1, $level === 1 ? 3 : 2); $i < $n; $i++) {
            $joined = $i > 0 && (end($bands) ?: [])['kind'] === 'box' && mt_rand(0, 1) === 1;
            $add(['kind' => 'box', 'bays' => $this->bays($level), 'joined' => $joined] + (mt_rand(0, 2) ? [] : ['height' => mt_rand(300, 700)])
                + ($level === 1 && ! $joined && mt_rand(0, 2) === 0 ? ['depth' => mt_rand(200, 400), 'against' => $this->one(['wall', 'front'])] : []));
            if ($level === 1 && mt_rand(0, 4) === 0) {
                $add(['kind' => $this->one(['top', 'seat', 'deck']), 'overhang' => mt_rand(0, 30), 'layers' => mt_rand(1, 2), 'lids' => (bool) mt_rand(0, 1)]
                    + (mt_rand(0, 1) ? ['cushion' => 80] : []));
            }
        }
        if ($level === 1 && mt_rand(0, 3) === 0) {
            $add(['kind' => 'gap', 'height' => mt_rand(200, 600), 'bays' => $this->bays(4)]);
        }

        return $bands;
    }

    /** @return array<string, mixed> */
    private function bays(int $level): array
    {
        $bays = [];
        for ($i = 0, $n = mt_rand(1, 4); $i < $n; $i++) {
            $nested = $level < 4 && mt_rand(0, 6) === 0;
            $bays[$this->id('BAY')] = ['order' => sprintf('%02d', $i)] + ($nested ? ['bands' => $this->bands($level + 1)] : ['fill' => $this->fill()])
                + (mt_rand(0, 2) ? [] : ['door' => $this->door()])
                + ['width' => $this->one([['by' => 'share'], ['by' => 'share', 'weight' => 2], ['by' => 'fixed', 'value' => mt_rand(200, 600)]])]
                + (mt_rand(0, 7) ? [] : ['open_floor' => $level === 1]) + (mt_rand(0, 9) ? [] : ['open_back' => true]);
        }

        return $bays;
    }

    /** @return array<string, mixed> */
    private function fill(): array
    {
        $kind = $this->one(FillKind::cases());
        $fill = ['kind' => $kind->value] + $this->settings($kind->fields());
        if ($kind === FillKind::Shelves) {
            for ($i = 0, $n = mt_rand(0, 4); $i < $n; $i++) {
                $fill['shelves'][$this->id('SHF')] = ['order' => sprintf('%02d', $i)] + (mt_rand(0, 3) ? [] : ['clear_below' => mt_rand(60, 400)]);
            }
        }

        return $fill;
    }

    /** @return array<string, mixed> */
    private function door(): array
    {
        $kind = $this->one(DoorKind::cases());

        return ['kind' => $kind->value] + array_diff_key($this->settings($kind->fields()), ['diagonal_up' => 0, 'diagonal_down' => 0]);
    }

    /**
     * @param  array<string, Field>  $fields
     * @return array<string, mixed> some of them said, the rest as usual
     */
    private function settings(array $fields): array
    {
        $settings = [];
        foreach ($fields as $key => $field) {
            if (mt_rand(0, 2) === 0) {
                $settings[$key] = match ($field->type) {
                    FieldType::Length => $field->least instanceof Length && $field->most instanceof Length
                        ? mt_rand((int) ceil($field->least->millimetres()), (int) $field->most->millimetres()) : 0,
                    FieldType::Count => mt_rand((int) (is_int($field->least) ? $field->least : 0), (int) (is_int($field->most) ? $field->most : 0)),
                    FieldType::Flag => (bool) mt_rand(0, 1),
                    FieldType::Choice => $this->one($field->choices),
                };
            }
        }

        return $settings;
    }

    private function id(string $word): string
    {
        return Sample::id($word, ++$this->ids);
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return array_values($of)[mt_rand(0, count($of) - 1)];
    }
}
