<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Where a piece meets the house: at its two sides, overhead, on the floor and behind. */
enum EdgeName: string
{
    case Left = 'left';
    case Right = 'right';
    case Top = 'top';
    case Base = 'base';
    case Back = 'back';

    public static function of(Side $side): self
    {
        return $side === Side::Left ? self::Left : self::Right;
    }

    public function side(): ?Side
    {
        return Side::tryFrom($this->value);
    }

    /** @return non-empty-list<EdgeKind> the ways of closing a gap there */
    public function kinds(): array
    {
        return match ($this) {
            self::Left, self::Right => [EdgeKind::ScribedSide, EdgeKind::ExtendedStile, EdgeKind::Filler, EdgeKind::Trim, EdgeKind::Play],
            self::Top => [EdgeKind::Filler, EdgeKind::Trim, EdgeKind::Play],
            self::Base, self::Back => [EdgeKind::Scribed, EdgeKind::Trim, EdgeKind::Play],
        };
    }
}
