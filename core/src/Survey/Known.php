<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Measure\Text;

/** How well one thing is known: its doubt (±, 95 %), and whether that is enough for what is to stand there. */
final readonly class Known implements \JsonSerializable
{
    public string $name;

    public float $stated;

    public float $doubt;

    public float $enough;

    /** @var list<Unread> */
    public array $unread;

    /** @var list<string> readings by id */
    public array $hiding;

    /** @var list<string> readings by id */
    public array $suspect;

    /** @var array<string, float> how much of a mm or degree of each reading goes into it, mm */
    public array $behind;

    public function __construct(Weighed $weighed, public bool $settled)
    {
        [$this->name, $this->stated, $this->doubt, $this->enough] = [$weighed->name, $weighed->stated, $weighed->doubt, $weighed->enough];
        [$this->unread, $this->hiding, $this->suspect, $this->behind] = [$weighed->unread, $weighed->hiding, $weighed->suspect, $weighed->behind];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['name' => $this->name, 'stated' => Clip::nearest($this->stated), 'doubt' => Clip::nearest($this->doubt),
            'enough' => Clip::nearest($this->enough), 'settled' => $this->settled,
            'unread' => array_map(fn (Unread $u): Text => $u->text(), $this->unread), 'unchecked' => $this->hiding, 'suspect' => $this->suspect,
            'behind' => array_map(fn (string $id, float $share): array => ['reading' => $id, 'share' => round($share, 2)],
                array_keys($this->behind), $this->behind)];
    }
}
