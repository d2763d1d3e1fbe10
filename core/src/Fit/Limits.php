<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Measure\Length;

/**
 * Between which gaps each way of closing works (fieldbook §2): a filler under 12 holds no fixing and over 75 looks like a mistake; a
 * stile wants 12 to the carcass behind it; a lip over 25 is weak; moulding of 46 covers 40; a label allows 6 of caulk.
 */
final readonly class Limits
{
    private function __construct(public ?Length $least, public Length $most)
    {
    }

    public static function of(EdgeKind $kind): self
    {
        [$least, $most] = match ($kind) {
            EdgeKind::Filler => [12, 75],
            EdgeKind::ExtendedStile => [12, 60],
            EdgeKind::ScribedSide, EdgeKind::Scribed => [null, 25],
            EdgeKind::Trim => [null, 40],
            EdgeKind::Play => [null, 6],
        };

        return new self($least === null ? null : Length::fromMillimetres($least), Length::fromMillimetres($most));
    }

    public function hold(Length $least, Length $greatest): bool
    {
        return ($this->least === null || ! $least->isLessThan($this->least)) && ! $greatest->isGreaterThan($this->most);
    }
}
