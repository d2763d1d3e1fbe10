<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Cut\Begun\MadePiece;
use Incastro\Core\Cut\Nest\Account;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\NestWriter;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Cut\Saw\SawCut;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Cut\Saw\ShopCuts;
use Incastro\Core\Document\Model\LeftOf;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Measure\Length;

/** The sheet plan of each material: sheets with their cuts in order, what it costs and takes, and what else could be had. */
final readonly class CutSection implements \JsonSerializable
{
    public function __construct(private Project $project, private Cutting $cutting)
    {
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        $materials = [];
        foreach ($this->cutting->nested as $id => $nested) {
            $materials[] = $this->material($id, $nested);
        }

        return $materials;
    }

    /** @return array<string, mixed> */
    private function material(string $id, Nested $nested): array
    {
        $material = $this->project->stock[$id];
        $sheets = array_map(fn (LaidSheet $sheet): array => $this->sheet($sheet, $nested), $nested->sheets);

        return [
            'material' => $id,
            'name' => $material->name,
            'thickness' => $material->thickness,
            'length' => $material->sheetLength,
            'width' => $material->sheetWidth,
            'kerf' => Length::ofUnits($nested->stock->kerf),
            'trim' => $this->project->workshop->trim,
            'price_cents' => $material->priceCents,
            'cost_cents' => $nested->cents(),
            'buy' => $nested->toBuy(),
            'status' => $nested->isProvedOptimal() ? 'optimal' : 'feasible',
            'lower_bound' => $nested->fewestSheets(),
            'accepted' => in_array($id, $this->cutting->accepted, true),
            'used_percent' => $sheets === [] ? 0 : (int) round(100 * self::usedShare($nested)),
            'settings' => array_sum(array_column($sheets, 'settings')),
            'turns' => array_sum(array_column($sheets, 'turns')),
            'sheets' => $sheets,
            'unplaced' => array_map(fn (Item $item): array => [
                'part' => $item->id,
                'length' => Length::ofUnits($item->length),
                'width' => Length::ofUnits($item->width),
            ], $nested->unplaced),
        ];
    }

    /** @return array<string, mixed>&array{settings: int, turns: int} */
    private function sheet(LaidSheet $sheet, Nested $nested): array
    {
        $sawing = Sawing::of($sheet, $nested->stock->kerf, $nested->stock->saws);
        $kind = $sheet->kind;
        $labels = $this->cutting->labels;
        foreach ($sheet->placements as $p) {
            $labels[$p->item] ??= $this->label($p->item, $sheet->pieces[$p->item] ?? null);
        }

        return [
            'size' => $kind->id,
            'size_name' => $kind->name,
            'in_hand' => $kind->inHand,
            'length' => Length::ofUnits($kind->length),
            'width' => Length::ofUnits($kind->width),
            'trims' => array_map(Length::ofUnits(...), $kind->trims),
            'settings' => $sawing->settings(),
            'turns' => $sawing->turns(),
            'sawn' => Length::ofUnits(array_sum(array_map(fn (SawCut $c): int => $c->length(), $sawing->cuts))),
            'cuttable' => $sawing->isCuttable,
            'locked' => $sheet->locked,
            'begun' => $sheet->begun,
            'made' => $sheet->opened->made ?? [],
            'left_of' => $kind->leftOf?->begun,
            'account' => Account::of($sheet, $nested->stock, $sawing),
            'shop' => $this->shop($sheet, $nested, $labels),
        ] + $this->kept($sheet, $this->named(NestWriter::sheet($sheet, $sawing, $labels)));
    }

    /** What serves as nothing any more is marked by whether it can still be cut from; a half by a letter. */
    private function label(string $id, ?MadePiece $is): string
    {
        [$laid, $labels] = [$this->cutting->laid, $this->cutting->labels];
        if ($is !== null && $is->serves === null) {
            return ($labels[$laid->part($is->item)] ?? '').($is->isLost() ? ' ✗' : ' –');
        }

        return ($labels[$laid->part($id)] ?? $laid->part($id)).[0 => '', 1 => 'a', 2 => 'b'][$laid->half($id) ?? 0];
    }

    /**
     * What is left of a begun sheet and cut from is not kept as well.
     *
     * @param  array<string, mixed>  $written
     * @return array<string, mixed>
     */
    private function kept(LaidSheet $sheet, array $written): array
    {
        if ($sheet->begun === null) {
            return $written;
        }
        $origins = array_map(fn (LaidSheet $s): ?LeftOf => $s->kind->leftOf,
            array_merge(...array_map(fn (Nested $n): array => $n->sheets, array_values($this->cutting->nested)), ...[[]]));
        /** @var list<array{x_mm: Length, y_mm: Length, worth_keeping: bool}> $offcuts */
        $offcuts = $written['offcuts'];

        return ['offcuts' => array_map(
            fn (array $o): array => ['worth_keeping' => $o['worth_keeping']
                && ! in_array(new LeftOf($sheet->begun, $o['x_mm']->units, $o['y_mm']->units), $origins, false)] + $o,
            $offcuts)] + $written;
    }

    /**
     * What the shop's saw does first, and what is carried home.
     *
     * @param  array<string, string>  $labels
     * @return array<string, mixed>|null null when the profile names no such saw
     */
    private function shop(LaidSheet $sheet, Nested $nested, array $labels): ?array
    {
        $saw = $nested->stock->saws->shop();
        if ($saw === null || $sheet->kind->inHand) {
            return null;
        }
        $shop = new ShopCuts($sheet, $nested->stock, $saw);
        $size = fn (Rect $r): array => ['length_mm' => Length::ofUnits($r->length), 'width_mm' => Length::ofUnits($r->width)];

        return [
            'tolerance' => Length::ofUnits($saw->tolerance ?? 0),
            'cuts' => array_map(
                fn (array $c): array => ['axis' => $c[0], 'of' => $size($c[1]), 'at_mm' => Length::ofUnits($c[2]),
                    'off' => $size($c[3]), 'rest' => $size($c[4])], $shop->cuts),
            'pieces' => array_map(fn (array $p): array => $size($p[0]) + [
                'parts' => array_map(fn (string $id): string => $labels[$id] ?? $id, $p[1]),
                'fits_car' => $this->project->workshop->fitsCar(Length::ofUnits($p[0]->length), Length::ofUnits($p[0]->width)),
            ], $shop->pieces),
        ];
    }

    /**
     * A half goes by the id of its part; `item` is the id it is laid by, as a document holds it.
     *
     * @param  array{placements: list<array<string, mixed>>, cuts: list<array<string, mixed>>, offcuts: list<array<string, mixed>>}  $sheet
     * @return array<string, mixed>
     */
    private function named(array $sheet): array
    {
        $sheet['placements'] = array_map(function (array $p): array {
            /** @var array<string, mixed>&array{part: string} $p */
            return ['part' => $this->cutting->laid->part($p['part']), 'half' => $this->cutting->laid->half($p['part']), 'item' => $p['part']] + $p;
        }, $sheet['placements']);

        return $sheet;
    }

    private static function usedShare(Nested $nested): float
    {
        $whole = array_sum(array_map(fn (LaidSheet $s): int => $s->kind->length * $s->kind->width, $nested->sheets));

        return $nested->usedArea() / $whole;
    }
}
