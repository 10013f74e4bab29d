<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use App\Homes\MeAnswer;
use App\Http\Body;
use App\Http\FileAnswer;
use App\Http\Upload;
use OpenApi\Annotations as OA;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;

/**
 * Describes the API from its code: routes, inputs and views are read by reflection, so that the
 * description cannot say anything else than the controllers do.
 */
final class ApiDescription
{
    public function __construct(private readonly RouterInterface $router, private readonly SchemaReader $schemas) {}

    public function json(): string
    {
        $paths = [];
        foreach ($this->router->getRouteCollection() as $name => $route) {
            $controller = $route->getDefault('_controller');
            if (
                \is_string($controller)
                && class_exists($controller)
                && str_starts_with($route->getPath(), '/api/')
                && '/api/openapi.json' !== $route->getPath()
            ) {
                $paths[$route->getPath()] ??= new OA\PathItem(['path' => $route->getPath()]);
                $this->describe($paths[$route->getPath()], $name, $route, $controller);
            }
        }
        ksort($paths);
        $signIn = new OA\PathItem(['path' => '/api/sign-in']);
        $signIn->post = $this->signIn();
        $description = new OA\OpenApi(['openapi' => '3.0.3', 'info' => new OA\Info(['title' => 'Bright Cupboard', 'version' => '1'])]);
        $description->paths = [...array_values($paths), $signIn];
        $description->components = new OA\Components(['schemas' => $this->schemas->all()]);

        return $description->toJson(\JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE);
    }

    /** @param class-string $controller */
    private function describe(OA\PathItem $item, string $routeName, Route $route, string $controller): void
    {
        $method = new \ReflectionMethod($controller, '__invoke');
        $verb = strtolower($route->getMethods()[0] ?? 'get');
        $operation = match ($verb) {
            'post' => $item->post = new OA\Post([]),
            'put' => $item->put = new OA\Put([]),
            'delete' => $item->delete = new OA\Delete([]),
            default => $item->get = new OA\Get([]),
        };
        $operation->path = $route->getPath();
        // A class with several ways in names each of them.
        $operation->operationId = str_starts_with($routeName, 'app_') ? lcfirst((new \ReflectionClass($controller))->getShortName()) : $routeName;
        $parameters = $this->pathParameters($route);
        foreach ($method->getParameters() as $parameter) {
            if ([] !== $parameter->getAttributes(Body::class)) {
                $operation->requestBody = new OA\RequestBody(['required' => true, 'content' => [$this->content($parameter->getType())]]);
            }
            foreach ($parameter->getAttributes(Upload::class) as $upload) {
                $operation->requestBody = new OA\RequestBody(['required' => true, 'content' => [$this->upload($upload->newInstance()->name)]]);
            }
            if ([] !== $parameter->getAttributes(MapQueryParameter::class)) {
                $type = match ($parameter->getType() instanceof \ReflectionNamedType ? $parameter->getType()->getName() : '') {
                    'int' => 'integer', 'bool' => 'boolean', default => 'string',
                };
                $parameters[] = new OA\Parameter([
                    'name' => $parameter->getName(),
                    'in' => 'query',
                    'required' => false,
                    'schema' => new OA\Schema(['type' => $type]),
                ]);
            }
        }
        if ([] !== $parameters) {
            $operation->parameters = $parameters;
        }
        $operation->responses = $this->responses($route, $method->getReturnType());
    }

    /** @return list<OA\Parameter> */
    private function pathParameters(Route $route): array
    {
        return array_map(
            static fn(string $name): OA\Parameter => new OA\Parameter([
                'name' => $name,
                'in' => 'path',
                'required' => true,
                'schema' => new OA\Schema(['type' => 'string']),
            ]),
            array_values($route->compile()->getPathVariables()),
        );
    }

    /** @return list<OA\Response> */
    private function responses(Route $route, ?\ReflectionType $type): array
    {
        $isNothing = !$type instanceof \ReflectionNamedType || 'void' === $type->getName();
        $status = $isNothing ? '204' : (string) ($route->getDefault('_status') ?? 200);
        $good = ['response' => $status, 'description' => $isNothing ? 'Done.' : 'How it is now.'];
        $problem = new OA\Response([
            'response' => 'default',
            'description' => 'A problem document (RFC 9457).',
            'content' => [$this->reference('Problem', 'application/problem+json')],
        ]);

        return [new OA\Response($isNothing ? $good : $good + ['content' => [$this->content($type)]]), $problem];
    }

    private function upload(string $name): OA\MediaType
    {
        $file = new OA\Property(['property' => $name, 'type' => 'string', 'format' => 'binary']);

        return new OA\MediaType([
            'mediaType' => 'multipart/form-data',
            'schema' => new OA\Schema(['type' => 'object', 'required' => [$name], 'properties' => [$file]]),
        ]);
    }

    private function content(?\ReflectionType $type): OA\MediaType
    {
        if ($type instanceof \ReflectionNamedType && FileAnswer::class === $type->getName()) {
            return new OA\MediaType(['mediaType' => 'application/octet-stream', 'schema' => new OA\Schema(['type' => 'string', 'format' => 'binary'])]);
        }
        $class = $type instanceof \ReflectionNamedType ? $type->getName() : '';

        return class_exists($class)
            ? $this->reference($this->schemas->nameOf($class), 'application/json')
            : throw new \LogicException('A body or an answer is an object.');
    }

    private function reference(string $schema, string $type): OA\MediaType
    {
        return new OA\MediaType(['mediaType' => $type, 'schema' => new OA\Schema(['ref' => '#/components/schemas/' . $schema])]);
    }

    private function signIn(): OA\Post
    {
        $body = new OA\RequestBody(['required' => true, 'content' => [$this->reference('SignIn', 'application/json')]]);
        $answers = [
            new OA\Response([
                'response' => '200',
                'description' => 'Signed in.',
                'content' => [$this->reference($this->schemas->nameOf(MeAnswer::class), 'application/json')],
            ]),
            new OA\Response([
                'response' => 'default',
                'description' => 'A problem document (RFC 9457).',
                'content' => [$this->reference('Problem', 'application/problem+json')],
            ]),
        ];

        return new OA\Post(['path' => '/api/sign-in', 'operationId' => 'signIn', 'requestBody' => $body, 'responses' => $answers]);
    }
}
