<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\FinishKind;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/**
 * Primer, paint or clear finish by area and coats, and what is sanded before and between. Area: both faces and the edges of
 * each board; of a back only the face that is seen; what is hidden only where the person finishes that too.
 */
final readonly class FinishNeeds
{
    /** m² a litre covers in one coat (fieldbook §10). */
    private const COVERS = ['primer' => 8, 'paint' => 10, 'clear' => 12];

    /** m² one 230 × 280 sheet sands: our own figures, bare wood and between coats. */
    private const SHEET_BARE_M2 = 1.5;

    private const SHEET_BETWEEN_M2 = 2.5;

    /** ml of filler over one screw head: our own figure. */
    private const HEAD_L = 0.0004;

    public function __construct(private PlacedPiece $built, private Unit $sold, private Fastened $fastened)
    {
    }

    /** @return list<Need> */
    public function of(): array
    {
        $finish = $this->built->piece->finish;
        if ($finish->kind === FinishKind::None) {
            return [];
        }
        $area = $this->area();
        $coats = self::coats($this->built->piece);
        $name = Text::of($finish->colour === null ? "buy.{$finish->kind->value}" : "buy.{$finish->kind->value}_of",
            colour: implode(', ', array_filter([$finish->colour, $finish->sheen])));

        return [
            ...($finish->isPrimed() ? [$this->coating('primer', Text::of('buy.primer'), $area, 1)] : []),
            $this->coating($finish->kind->value, $name, $area, $coats),
            ...$this->sanded($area, $coats + ($finish->isPrimed() ? 1 : 0)),
            ...$this->filler($finish->kind),
        ];
    }

    /** As many as the person said; two of paint, three of a clear finish where nobody did (our own figures). */
    public static function coats(Piece $piece): int
    {
        return $piece->coats > 0 ? $piece->coats : ($piece->finish->kind === FinishKind::Clear ? 3 : 2);
    }

    /** m² */
    private function area(): float
    {
        $m2 = 0.0;
        foreach ($this->built->fit->panels as $panel) {
            if ($this->built->isFinished($panel)) {
                $thick = $panel->thickness()->units / Length::PER_MM;
                $face = $panel->solid->litres() / $thick;
                $edges = 2 * ($panel->length->value->units + $panel->width->value->units) / Length::PER_MM * $thick / 1e6;
                $m2 += $face * ($panel->role === Role::Back ? 1 : 2) + $edges;
            }
        }

        return $m2;
    }

    private function coating(string $kind, Text $name, float $m2, int $coats): Need
    {
        $finish = $this->built->piece->finish;
        $isPrimer = $kind === 'primer';
        $litres = new Amount($m2 * $coats / self::COVERS[$kind], AmountUnit::Litre);
        $sum = Text::of('buy.sum_coats', area: new Amount($m2, AmountUnit::SquareMetre), coats: $coats,
            covers: new Amount(self::COVERS[$kind], AmountUnit::SquareMetre),
            gallon: new Amount(self::COVERS[$kind] * 3.785411784, AmountUnit::SquareMetre), litres: $litres, piece: $this->built->piece->name);

        return new Need(PurchaseGroup::Finish, $isPrimer ? $kind : trim("$kind $finish->colour $finish->sheen"), $name, $litres, [$sum],
            $this->sold === Unit::Inch ? [0.946, 3.785] : [0.75, 2.5, 5.0], 10, $isPrimer ? [Text::of('buy.primer_instead')] : []);
    }

    /** @return list<Need> bare wood with two grits, each coat but the last with a finer one */
    private function sanded(float $m2, int $coats): array
    {
        $area = new Amount($m2, AmountUnit::SquareMetre);
        $need = fn (int $grit, float $sheets, Text $sum): Need => new Need(PurchaseGroup::Abrasives, "abrasive $grit",
            Text::of('buy.abrasive', grit: $grit), Amount::each((int) ceil(round($sheets, 6))), [$sum], [5.0, 10.0]);
        $bare = new Amount(self::SHEET_BARE_M2, AmountUnit::SquareMetre);
        $between = new Amount(self::SHEET_BETWEEN_M2, AmountUnit::SquareMetre);

        return [
            ...array_map(
                fn (int $grit): Need => $need($grit, $m2 / self::SHEET_BARE_M2,
                    Text::of('buy.sum_bare', area: $area, each: $bare, piece: $this->built->piece->name)), [120, 180]),
            ...($coats < 2 ? [] : [$need(240, $m2 * ($coats - 1) / self::SHEET_BETWEEN_M2,
                Text::of('buy.sum_between', area: $area, times: $coats - 1, each: $between, piece: $this->built->piece->name))]),
        ];
    }

    /** @return list<Need> over screw heads, under paint */
    private function filler(FinishKind $kind): array
    {
        $heads = $this->fastened->heads();

        return $kind !== FinishKind::Paint || $heads === 0 ? []
            : [new Need(PurchaseGroup::Filling, 'filler', Text::of('buy.filler'), new Amount($heads * self::HEAD_L, AmountUnit::Litre),
                [Text::of('buy.sum_filler', n: $heads, piece: $this->built->piece->name)], [0.25, 0.5])];
    }
}
