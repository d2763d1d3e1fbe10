<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Trial;

use Incastro\Core\Measure\Length;

/** What is read when parts are tried together or stand in their place. The limits are our own figures. */
enum TrialKind: string
{
    /** Both diagonals of an assembly. */
    case Square = 'square';
    /** Gaps where its boards meet. */
    case Joints = 'joints';
    /** Gaps under a level at each support. */
    case Level = 'level';
    /** What is left between a scribed edge, or a trim, and the house. */
    case Edge = 'edge';
    /** The play that was planned beside it. */
    case Play = 'play';

    /** How far a reading may be off: for Square the difference of the diagonals. */
    public function limit(): Length
    {
        return Length::fromMillimetres(match ($this) {
            self::Square => 1.5, self::Joints, self::Level => 0.5, self::Edge => 1.0, self::Play => 2.0,
        });
    }
}
