<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\Role;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/** What closes the gap between a front and what it stands next to: how wide, how thick, and how far it reaches over the carcass. */
final readonly class Strip
{
    private function __construct(public Role $role, public Figure $width, public Length $thickness, public Length $over)
    {
    }

    /** Between carcass and wall, as thick as the carcass's own boards. */
    public static function filler(Figure $width, Length $thickness): self
    {
        return new self(Role::Filler, $width, $thickness, Length::zero());
    }

    /** Over the front edge of a side. */
    public static function lip(Figure $width, Length $thickness): self
    {
        return new self(Role::Lip, $width, $thickness, $thickness);
    }

    /** A moulding bought for it, planted on the face: it covers the gap and bears on the carcass. */
    public static function trim(Length $gap): self
    {
        return new self(Role::Trim, Cover::width($gap), Cover::bearing(), Cover::bearing());
    }

    public function as(): ?BoughtAs
    {
        return $this->role === Role::Trim ? BoughtAs::Lumber : null;
    }

    /** Where its back lies, before a face so far from the wall: flush with it, or on it. */
    public function from(Length $face): Length
    {
        return $this->role === Role::Trim ? $face : $face->minus($this->thickness);
    }
}
