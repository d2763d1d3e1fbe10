<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Something bought that a bay, a door or a joint needs: how many, and how long where that is chosen. */
final readonly class Hardware implements \JsonSerializable
{
    public function __construct(public string $owner, public Text $name, public int $count, public ?Length $length = null)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['owner' => $this->owner, 'name' => $this->name, 'count' => $this->count, 'length' => $this->length];
    }
}
