<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class CarryInTest extends TestCase
{
    public function test_a_piece_is_asked_about_by_who_may_see_it(): void
    {
        $owner = $this->demoOwner();
        $project = $this->demoProject();
        $url = "/api/projects/$project->id/carry-in/".$this->pieceId($project);
        $this->getJson($url)->assertStatus(401);
        $this->actingAs($this->stranger())->getJson($url)->assertForbidden();
        $answer = $this->actingAs($owner)->getJson($url)->assertOk()->assertJsonCount(1)->json('0');
        // 2210 high, 380 deep: upright it is 30 too high for the half landing of 2180; at its place √(2210² + 380²) = 2242.4.
        self::assertSame('not_found', $answer['verdict']);
        self::assertSame('entry.leg_low', $answer['legs'][3]['says']['key']);
        self::assertEqualsWithDelta(30.0, $answer['legs'][3]['says']['args']['by']['mm'], 0.1);
        self::assertEqualsWithDelta(2242.4, $answer['place']['needs'], 0.1);
        self::assertSame('goes', $answer['place']['verdict']);
        self::assertNotNull($answer['split']);
        $this->getJson("/api/projects/$project->id/carry-in/nothing")->assertNotFound();
    }
}
