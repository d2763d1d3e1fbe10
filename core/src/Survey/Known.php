<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Measure\Text;

/** How well one thing is known: its doubt (±, 95 %), and whether that is enough for what is to stand there. */
final readonly class Known implements \JsonSerializable
{
    /**
     * @param  list<Unread>  $unread
     * @param  list<string>  $hiding  readings by id
     * @param  list<string>  $suspect  readings by id
     */
    public function __construct(
        public string $name,
        public float $doubt,
        public float $enough,
        public bool $settled,
        public array $unread = [],
        public array $hiding = [],
        public array $suspect = [],
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['name' => $this->name, 'doubt' => Clip::nearest($this->doubt), 'enough' => Clip::nearest($this->enough), 'settled' => $this->settled,
            'unread' => array_map(fn (Unread $u): Text => $u->text(), $this->unread), 'unchecked' => $this->hiding, 'suspect' => $this->suspect];
    }
}
