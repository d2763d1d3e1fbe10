<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Begun\MadePiece;
use Incastro\Core\Cut\Begun\Worth;
use Incastro\Core\Cut\Saw\Apart;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Measure\Length;

/** Where the area of a sheet goes, exactly: parts, what is left over and what is lost make the sheet. In units of 25 nm, squared. */
final readonly class Account implements \JsonSerializable
{
    private const SQUARE_MM = Length::PER_MM * Length::PER_MM;

    /**
     * @param  int  $trimmed  what comes off pieces that are larger than the parts they serve as
     * @param  int  $spoiled  pieces that are no use any more
     */
    private function __construct(public int $sheet, public int $parts, public int $leftovers,
        public int $trim, public int $kerf, public int $spoiled, public int $trimmed)
    {
    }

    /** @param  Sawing|null  $sawing  of the sheet, where it is known already */
    public static function of(LaidSheet $sheet, Stock $stock, ?Sawing $sawing = null): self
    {
        $opened = $sheet->opened;
        $sawing ??= Sawing::of($sheet, $stock->kerf, $stock->saws);
        $apart = Apart::after($sheet->kind, $sawing->cuts, $opened->kerf ?? $stock->kerf);
        $left = array_sum(array_map(fn (Rect $r): int => $r->area(), $sawing->offcuts));
        [$parts, $spare, $spoiled, $trimmed] = $opened === null ? [$sheet->usedArea(), 0, 0, 0] : self::pieces($sheet);

        return new self($sheet->kind->length * $sheet->kind->width, $parts, $left + $spare, $apart->trim, $apart->kerf, $spoiled, $trimmed);
    }

    public function lost(): int
    {
        return $this->trim + $this->kerf + $this->spoiled + $this->trimmed;
    }

    /** @return array<string, float> mm² */
    public function jsonSerialize(): array
    {
        $mm2 = fn (int $units): float => $units / self::SQUARE_MM;

        return ['sheet' => $mm2($this->sheet), 'parts' => $mm2($this->parts), 'leftovers' => $mm2($this->leftovers), 'lost' => $mm2($this->lost()),
            'trim' => $mm2($this->trim), 'kerf' => $mm2($this->kerf), 'spoiled' => $mm2($this->spoiled), 'trimmed' => $mm2($this->trimmed)];
    }

    /** @return array{int, int, int, int} of a begun sheet: parts, pieces to cut from, spoiled ones, what is trimmed off */
    private static function pieces(LaidSheet $sheet): array
    {
        $parts = $spare = $spoiled = $trimmed = 0;
        foreach ($sheet->pieces as $piece) {
            $laid = $piece->rect->area();
            // Somebody may have measured more than the sheet gave: no piece is more than it was laid as.
            $is = min($piece->length, $piece->rect->length) * min($piece->width, $piece->rect->width);
            $off = self::over($piece);
            [$parts, $trimmed] = $piece->serves === null ? [$parts, $trimmed] : [$parts + $is - min($off, $is), $trimmed + min($off, $is)];
            $spare += $piece->serves === null && ! $piece->isLost() ? $is : 0;
            $spoiled += $piece->serves === null && $piece->isLost() ? $laid : $laid - $is;
        }

        return [$parts, $spare, $spoiled, $trimmed];
    }

    /** What is to be trimmed off it. */
    private static function over(MadePiece $piece): int
    {
        if ($piece->serving === null || $piece->serving->worth !== Worth::Trim) {
            return 0;
        }
        [$l, $w] = array_map(fn (Length $side): int => $side->units, $piece->partSize());

        return $l * $w - min($l, $l - $piece->serving->overLength) * min($w, $w - $piece->serving->overWidth);
    }
}
