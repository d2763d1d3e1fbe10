<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;

/** What a row of bays may line up with. */
final readonly class Marks
{
    /**
     * @param  array<string, Length>  $studs  x of a stud's middle, by reference
     * @param  array<string, Length>  $below  x of a bay's right edge, by bay
     * @param  Length  $corner  clear width behind the run along the other wall
     */
    public function __construct(public array $studs, public array $below, public Length $corner)
    {
    }
}
