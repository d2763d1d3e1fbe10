<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Measure\Length;

/** Which screw a joint gets, of the lengths that are sold; holes for a 4 mm screw: clear 4.5, pilot 2.5 (fieldbook §6: 70–90 % of the root). */
final class Screws
{
    public const CLEARANCE_MM = 4.5;

    public const PILOT_MM = 2.5;

    private const LENGTHS_MM = [20, 25, 30, 35, 40, 45, 50, 60, 70, 80];

    private const POCKET_LENGTHS_MM = [20, 25, 32, 38, 50, 64];

    /** What must stay before the point. */
    private const STAYS_MM = 3;

    /** Two and a half times the board it goes through, no longer than the stack less 3 (fieldbook §7). */
    public static function through(Length $board, Length $beyond): Length
    {
        $most = min($board->units * 2.5, $board->plus($beyond)->units - self::STAYS_MM * Length::PER_MM);

        return self::longest(self::LENGTHS_MM, (int) $most);
    }

    /**
     * 32 mm for 18–19 mm (fieldbook §6), in steps with the board for others: about 1.75 times the board with the pocket; its collar
     * leaves the board's thickness under the head, so the rest bites. No longer than the other board takes.
     */
    public static function pocket(Length $board, Length $beyond): Length
    {
        return self::longest(self::POCKET_LENGTHS_MM, (int) min($board->units * 1.8, $board->plus($beyond)->units - self::STAYS_MM * Length::PER_MM));
    }

    /** @param  non-empty-list<int>  $sold */
    private static function longest(array $sold, int $most): Length
    {
        $fits = array_filter($sold, fn (int $mm): bool => $mm * Length::PER_MM <= $most);

        return Length::fromMillimetres($fits === [] ? $sold[0] : max($fits));
    }
}
