<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Figure;

/** The panels of one piece, its bay openings and shelf spacings, and what is wrong with them. */
final readonly class Design
{
    /**
     * @param  list<Panel>  $panels
     * @param  array<string, Figure>  $openings  clear width by bay
     * @param  array<string, Spacing>  $spacings  by bay
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $panels, public array $openings, public array $spacings, public array $findings)
    {
    }
}
