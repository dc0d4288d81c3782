<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\Designer;
use DunePocket\Data\Node;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;

abstract class ApiTestCase extends WebTestCase
{
    protected const BRIEF = "Kelp & Compass is a sailing school in Ardwick Bay. We offer dinghy courses, powerboat courses and birthday parties (£180 for ten).\nWe want people to book online. No blog please. Ring 01632 960 555.";

    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = static::createClient();
        $this->browser->disableReboot();
        $this->browser->catchExceptions(true);
    }

    protected function signInAs(string $name): Designer
    {
        $entities = self::service(EntityManagerInterface::class);
        $email = "$name@designers.example";
        $designer = $entities->getRepository(Designer::class)->findOneBy(['email' => $email]);
        if (null === $designer) {
            $designer = new Designer($email, ucfirst($name));
            $designer->setPassword('x');
            $entities->persist($designer);
            $entities->flush();
        }
        $this->signOut();
        $this->browser->loginUser($designer);

        return $designer;
    }

    protected function signOut(): void
    {
        $this->browser->getCookieJar()->clear();
        self::service(TokenStorageInterface::class)->setToken(null);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected static function service(string $class): object
    {
        $service = static::getContainer()->get($class);
        \assert($service instanceof $class);

        return $service;
    }

    /** @param array<string, mixed>|null $body */
    protected function call(string $method, string $path, ?array $body = null): Node
    {
        $this->browser->request($method, $path, server: ['CONTENT_TYPE' => 'application/json'], content: null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR));
        $content = (string) $this->browser->getResponse()->getContent();

        return '' === $content || !str_contains((string) $this->browser->getResponse()->headers->get('Content-Type'), 'json') ? new Node([]) : Node::fromJson($content);
    }

    protected function answered(): int
    {
        return $this->browser->getResponse()->getStatusCode();
    }

    /** A planned project of the designer who is signed in. */
    protected function project(): string
    {
        $id = $this->call('POST', '/api/projects', ['brief' => self::BRIEF])->string('id');
        $this->act($id, 0, ['type' => 'plan']);
        self::assertSame(200, $this->answered());

        return $id;
    }

    /** @param array<string, mixed> $action */
    protected function act(string $project, int $revision, array $action): Node
    {
        return $this->call('POST', "/api/projects/$project/changes", ['revision' => $revision, 'action' => $action]);
    }

    protected function link(string $project): string
    {
        $link = $this->call('POST', "/api/projects/$project/rounds")->string('link');

        return substr($link, \strlen('/r/'));
    }
}
