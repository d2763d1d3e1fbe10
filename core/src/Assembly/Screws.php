<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit;

/** Which screw a joint gets, of the lengths that are sold; holes for a 4 mm screw: clear 4.5, pilot 2.5 (fieldbook §6: 70–90 % of the root). */
final readonly class Screws
{
    public const CLEARANCE_MM = 4.5;

    public const PILOT_MM = 2.5;

    private const LENGTHS_MM = [20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 120];

    private const POCKET_LENGTHS_MM = [20, 25, 32, 38, 50, 64];

    private const LENGTHS_IN = [0.75, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4, 5];

    private const POCKET_LENGTHS_IN = [0.75, 1, 1.25, 1.5, 2, 2.5];

    private const NAILS_MM = [15, 20, 25, 30, 35, 40, 50];

    private const NAILS_IN = [0.625, 0.75, 1, 1.25, 1.5, 2];

    /** What must stay before the point. */
    private const STAYS_MM = 3;

    private const NAIL_BITES_MM = 8;

    /** @var non-empty-list<Length> */
    private array $lengths;

    /** @var non-empty-list<Length> */
    private array $pocketLengths;

    /** @var non-empty-list<Length> */
    private array $nails;

    /** @param  Unit  $sold  in which shops sell them */
    public function __construct(Unit $sold = Unit::Millimetre)
    {
        $isInch = $sold === Unit::Inch;
        $this->lengths = $isInch ? self::inches(self::LENGTHS_IN) : array_map(Length::fromMillimetres(...), self::LENGTHS_MM);
        $this->pocketLengths = $isInch ? self::inches(self::POCKET_LENGTHS_IN) : array_map(Length::fromMillimetres(...), self::POCKET_LENGTHS_MM);
        $this->nails = $isInch ? self::inches(self::NAILS_IN) : array_map(Length::fromMillimetres(...), self::NAILS_MM);
    }

    /** Two and a half times the board it goes through, no longer than the stack less 3 (fieldbook §7). */
    public function through(Length $board, Length $beyond): Length
    {
        $most = min($board->units * 2.5, self::mostIn($board->plus($beyond))->units);

        return self::longest($this->lengths, (int) $most);
    }

    /**
     * 32 mm for 18–19 mm (fieldbook §6), in steps with the board for others: about 1.75 times the board with the pocket; its collar
     * leaves the board's thickness under the head, so the rest bites. No longer than the other board takes.
     */
    public function pocket(Length $board, Length $beyond): Length
    {
        return self::longest($this->pocketLengths, (int) min($board->units * 1.8, self::mostIn($board->plus($beyond))->units));
    }

    /** A nail two and a half times as long as the board is thick that it goes through, or the longest that stays; null where none both bites 8 and stays. */
    public function nail(Length $board, Length $beyond): ?Length
    {
        $most = Length::least(Length::ofUnits((int) ($board->units * 2.5)), self::mostIn($board->plus($beyond)));
        $least = $board->plus(Length::fromMillimetres(self::NAIL_BITES_MM));
        $fit = array_values(array_filter($this->nails, fn (Length $l): bool => ! $l->isGreaterThan($most) && ! $l->isLessThan($least)));

        return $fit === [] ? null : Length::greatest(...$fit);
    }

    /** The longest that stays in a stack so thick. */
    public static function mostIn(Length $stack): Length
    {
        return $stack->minus(Length::fromMillimetres(self::STAYS_MM));
    }

    /** The shortest that is sold from that length up; the longest there is where none is. */
    public function atLeast(Length $length): Length
    {
        $long = array_values(array_filter($this->lengths, fn (Length $sold): bool => ! $sold->isLessThan($length)));

        return $long === [] ? Length::greatest(...$this->lengths) : Length::least(...$long);
    }

    /** @return non-empty-list<Length> */
    public function lengths(): array
    {
        return $this->lengths;
    }

    /** @return non-empty-list<Length> */
    public function pocketLengths(): array
    {
        return $this->pocketLengths;
    }

    /**
     * @param  non-empty-list<int|float>  $inches
     * @return non-empty-list<Length>
     */
    private static function inches(array $inches): array
    {
        return array_map(fn (int|float $in): Length => Length::ofUnits((int) ($in * Length::PER_INCH)), $inches);
    }

    /** @param  non-empty-list<Length>  $sold */
    private static function longest(array $sold, int $most): Length
    {
        // The shortest goes first.
        $longest = $sold[0];
        foreach ($sold as $length) {
            $longest = $length->units <= $most ? $length : $longest;
        }

        return $longest;
    }
}
