<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

final class AccountTest extends ApiTestCase
{
    private const ACCOUNT = ['name' => 'Ines', 'email' => 'Ines@designers.example', 'password' => 'grey gulls at noon'];

    public function testRegisteringSignsIn(): void
    {
        $this->call('POST', '/api/register', self::ACCOUNT);
        self::assertSame(201, $this->answered());
        self::assertSame('ines@designers.example', $this->call('GET', '/api/me')->string('email'));
        $this->call('POST', '/api/sign-out');
        self::assertSame(204, $this->answered());
        $this->call('GET', '/api/me');
        self::assertSame(401, $this->answered());
        $this->call('POST', '/api/sign-in', ['email' => 'ines@designers.example', 'password' => self::ACCOUNT['password']]);
        self::assertSame(200, $this->answered());
    }

    public function testAnAddressIsTakenOnce(): void
    {
        $this->call('POST', '/api/register', self::ACCOUNT);
        $this->call('POST', '/api/register', self::ACCOUNT);
        self::assertSame(422, $this->answered());
    }

    public function testAShortPassPhraseIsRefused(): void
    {
        $this->call('POST', '/api/register', ['password' => 'short'] + self::ACCOUNT);
        self::assertSame(422, $this->answered());
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
    }

    public function testWrongPassPhrasesAreThrottled(): void
    {
        $this->call('POST', '/api/register', ['email' => 'throttled@designers.example'] + self::ACCOUNT);
        $this->call('POST', '/api/sign-out');
        for ($i = 0; $i < 5; ++$i) {
            $this->call('POST', '/api/sign-in', ['email' => 'throttled@designers.example', 'password' => 'wrong']);
            self::assertSame(401, $this->answered());
        }
        $this->call('POST', '/api/sign-in', ['email' => 'throttled@designers.example', 'password' => self::ACCOUNT['password']]);
        self::assertSame(429, $this->answered());
    }

    public function testAFormOfAnotherSiteCannotWrite(): void
    {
        $this->signInAs('owner');
        $this->browser->request('POST', '/api/projects', ['brief' => 'We are a bakery.']);
        self::assertSame(415, $this->answered());
    }
}
