<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\ReadsPdf;
use Tests\TestCase;

final class ProfileTest extends TestCase
{
    use ReadsPdf;

    public function test_inches_are_shown_to_the_readers_own_fraction(): void
    {
        $owner = $this->demoOwner();
        $this->actingAs($owner)->patchJson('/api/profile', ['fraction' => 8])->assertOk()->assertJsonPath('profile.fraction', 8);
        $url = '/api/projects/'.$this->demoProject()->id.'/drawing.svg?unit=in&view=front&of='.array_key_first($this->demoProject()->decoded()['pieces']);
        self::assertStringNotContainsString('/32', (string) $this->actingAs($owner->refresh())->get($url)->getContent());
        $this->patchJson('/api/profile', ['fraction' => 64])->assertOk();
        self::assertStringContainsString('/64', (string) $this->actingAs($owner->refresh())->get($url)->getContent());
    }

    public function test_who_prints_on_letter_gets_letter_pages_with_all_of_them_on_it(): void
    {
        $owner = $this->demoOwner();
        $url = '/api/projects/'.$this->demoProject()->id.'/plan.pdf';
        $a4 = (string) $this->actingAs($owner)->get($url)->assertOk()->getContent();
        $this->patchJson('/api/profile', ['paper' => 'letter'])->assertOk();
        $letter = (string) $this->actingAs($owner->refresh())->get($url)->assertOk()->getContent();
        self::assertStringContainsString('612.000000 792.000000', $letter);
        self::assertStringContainsString('792.000000 612.000000', $letter);
        self::assertSame(self::words($a4), self::words($letter));
    }

    public function test_new_projects_reckon_in_the_persons_currency(): void
    {
        $owner = $this->demoOwner();
        $this->actingAs($owner)->patchJson('/api/profile', ['currency' => 'CHF'])->assertOk();
        $id = $this->actingAs($owner->refresh())->postJson('/api/projects/new', ['name' => 'Porch', 'unit' => 'mm'])->assertCreated()->json('data.id');
        self::assertSame('CHF', $this->getJson("/api/projects/$id")->json('document.shop.currency'));
    }

    public function test_new_projects_begin_with_the_persons_prices_in_their_currency_alone(): void
    {
        $owner = $this->demoOwner();
        $prices = ['currency' => 'CHF', 'tax_percent' => 8.1, 'shops' => [], 'lines' => ['glue' => ['price_cents' => 1150, 'pack' => 0.75]]];
        $this->actingAs($owner)->patchJson('/api/profile', ['prices' => $prices, 'currency' => 'CHF'])->assertOk()->assertJsonPath('profile.prices.lines.glue.price_cents', 1150);
        $begun = function () use ($owner): array {
            $id = $this->actingAs($owner->refresh())->postJson('/api/projects/new', ['name' => 'Porch', 'unit' => 'mm'])->assertCreated()->json('data.id');

            return $this->getJson("/api/projects/$id")->json();
        };
        $project = $begun();
        self::assertEquals(['currency' => 'CHF', 'tax_percent' => 8.1, 'lines' => ['glue' => ['price_cents' => 1150, 'pack' => 0.75]]], $project['document']['shop']);
        $this->patchJson('/api/profile', ['currency' => 'EUR'])->assertOk();
        self::assertSame(['currency' => 'EUR'], $begun()['document']['shop']);
        $this->patchJson('/api/profile', ['currency' => 'CHF', 'prices' => null])->assertOk();
        self::assertSame(['currency' => 'CHF'], $begun()['document']['shop']);
    }

    public function test_prices_that_are_none_are_not_kept(): void
    {
        $owner = $this->demoOwner();
        $this->actingAs($owner)->patchJson('/api/profile', ['prices' => ['currency' => 'EUR', 'lines' => ['glue' => ['price_cents' => 'much']]]])->assertStatus(422);
        $this->patchJson('/api/profile', ['prices' => ['currency' => 'EUR', 'anything' => 'else']])->assertStatus(422);
        $this->patchJson('/api/profile', ['prices' => ['currency' => 'EUR', 'lines' => array_fill_keys(range(1, 401), ['pack' => 1])]])->assertStatus(422)->assertJsonPath('message', 'No more than 400 prices are kept.');
        self::assertArrayNotHasKey('prices', $owner->refresh()->profile);
    }

    public function test_what_makes_no_sense_is_refused_with_what_is_expected(): void
    {
        $owner = $this->demoOwner();
        foreach (['fraction' => [10, 'Inches are shown to 1/8, 1/16, 1/32 or 1/64.'], 'paper' => ['a9', 'The paper is a4 or letter.'], 'currency' => ['euro', 'A currency is three capital letters, such as EUR or USD.']] as $key => [$value, $says]) {
            $this->actingAs($owner)->patchJson('/api/profile', [$key => $value])->assertStatus(422)->assertJsonPath('message', $says);
        }
        self::assertArrayNotHasKey('paper', $owner->refresh()->profile);
    }

    public function test_a_new_project_goes_to_the_household_asked_for_and_to_no_other(): void
    {
        $owner = $this->demoOwner();
        $second = $this->actingAs($owner)->postJson('/api/households', ['name' => 'The sailing club'])->assertCreated()->json('data.id');
        $this->postJson('/api/projects/new', ['name' => 'Sail locker', 'unit' => 'mm', 'household' => $second])->assertCreated()->assertJsonPath('data.household', 'The sailing club');
        $this->postJson('/api/projects/new', ['name' => 'Porch', 'unit' => 'mm'])->assertCreated()->assertJsonPath('data.household', 'Gannet Point Lookout');
        $theirs = $this->stranger()->households()->firstOrFail()->id;
        $this->postJson('/api/projects/new', ['name' => 'Not mine', 'unit' => 'mm', 'household' => $theirs])->assertForbidden();
        $json = (string) $this->get('/api/projects/'.$this->demoProject()->id.'/project.json')->getContent();
        $this->call('POST', "/api/projects?household=$second", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $json)->assertCreated()->assertJsonPath('data.household', 'The sailing club');
    }

    /** @return array<string, int> each word and how often it stands there */
    private static function words(string $pdf): array
    {
        $words = array_count_values(preg_split('/\s+/', self::textOf($pdf), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        ksort($words);

        return $words;
    }
}
