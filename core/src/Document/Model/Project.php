<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Facts\Log;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Decision;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit;

/** A whole project as read: everything that `plan` may look at. */
final readonly class Project
{
    /**
     * @param  array<string, Space>  $spaces
     * @param  array<string, Piece>  $pieces
     * @param  array<string, Material>  $stock
     * @param  array<string, Layout>  $layouts
     * @param  array<string, WaySegment>  $wayIn  in walking order
     * @param  array<string, StoredThing>  $stored
     * @param  array<string, StickSize>  $lumber  none for the usual lengths
     * @param  array<string, Acceptance>  $accepted
     * @param  array<string, float>  $limits  the person's own, by rule (Limit)
     * @param  array<string, Decision>  $decisions  of those who had to be asked
     * @param  array<string, Rework>  $rework  by begun sheet
     * @param  array<string, LooseBoard>  $loose  boards of no piece
     */
    public function __construct(
        public string $id,
        public string $name,
        public Unit $unit,
        public string $asOf,
        public array $spaces,
        public array $pieces,
        public array $stock,
        public Workshop $workshop,
        public array $layouts,
        public WorkCalendar $calendar,
        public array $wayIn = [],
        public array $stored = [],
        public CutWishes $cutting = new CutWishes,
        public array $lumber = [],
        public array $accepted = [],
        public House $house = new House,
        public array $limits = [],
        public array $decisions = [],
        public Shop $shop = new Shop,
        public MakeWay $make = new MakeWay,
        public Log $log = new Log,
        public array $rework = [],
        public array $loose = [],
    ) {
    }

    /** The person's own limit, else the usual one. */
    public function limit(Limit $limit): float
    {
        return $this->limits[$limit->value] ?? $limit->usual();
    }

    public function lengthLimit(Limit $limit): Length
    {
        return Length::fromMillimetres($this->limit($limit));
    }
}
