export interface paths {
  '/api/health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['HealthResponse'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moves': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: {
          q?: string;
        };
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['MoveSummary'][];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['MoveTextResponse'];
        };
      };
      responses: {
        /** @description Created */
        201: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['MoveTextResponse'];
          };
        };
        /** @description Conflict */
        409: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moves/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: {
          position?: string;
          option?: string;
        };
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['MoveResponse'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['MoveTextResponse'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['MoveTextResponse'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    post?: never;
    delete: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moves/{id}/figure.svg': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: {
          position?: string;
          option?: string;
        };
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'image/svg+xml': string;
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moves/{id}/frames': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: {
          position?: string;
          option?: string;
          side?: string;
        };
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['FramesResponse'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/positions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['PositionResponse'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/ways': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query: {
          from: string;
          to: string;
        };
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['PathResponse'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/props': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['Prop'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/conditions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['ConditionSummary'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/conventions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['ConventionsResponse'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/rules': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['RuleResponse'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/figures': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query: {
          of: string;
        };
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['FiguresResponse'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/signs': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['SignsResponse'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moves-to-mend': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['MoveToMend'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moves/{id}/text': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['MoveTextResponse'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moves/preview': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['MoveTextResponse'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['PreviewResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/body': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['BodyAxisResponse'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/body/map': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['BodyMapResponse'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/body/solve': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['SolveRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['SolvedResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/score': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: {
          events?: boolean;
        };
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['JsonElement'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['ScoreResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/apply': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['ApplyRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['ApplyResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/insertions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['InsertionsRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['InsertionResponse'][];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/fit': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['FitRequestBody'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['FitResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lesson': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['LessonRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['LessonResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/ladder': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['LadderRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['RungResponse'][];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/home-practice': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['HomePracticeRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['HomePracticeResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/teaching/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['TeachingRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['TeachingResponse'];
          };
        };
        /** @description Conflict */
        409: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    post?: never;
    delete: {
      parameters: {
        query: {
          session: string;
        };
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
      };
    };
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: {
          page?: number;
          size?: number;
        };
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['ShelfResponse'];
          };
        };
      };
    };
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['JsonElement'];
        };
      };
      responses: {
        /** @description Created */
        201: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['JsonElement'];
          };
        };
        /** @description Conflict */
        409: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/bin': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['BinEntry'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/archived': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['ArchivedRequest'];
        };
      };
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['JsonElement'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['JsonElement'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['JsonElement'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Precondition Failed */
        412: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Precondition Required */
        428: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    post?: never;
    delete: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Precondition Failed */
        412: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/told': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/versions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['VersionEntry'][];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['VersionName'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['VersionEntry'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/versions/{number}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
          number: number;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['JsonElement'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/log': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: {
          class?: string;
          page?: number;
          size?: number;
        };
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['LogResponse'];
          };
        };
      };
    };
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['Taught'];
        };
      };
      responses: {
        /** @description Created */
        201: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['Taught'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/log/moves': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': {
              [key: string]: string;
            };
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/log/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['Taught'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['Taught'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['Taught'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    post?: never;
    delete: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backup': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/zip': components['schemas']['IFormFile'];
        };
      };
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/words': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': {
              [key: string]: components['schemas']['TeacherWords'];
            };
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/words/{move}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          move: string;
        };
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['TeacherWords'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['TeacherWords'];
          };
        };
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    post?: never;
    delete: {
      parameters: {
        query?: never;
        header?: never;
        path: {
          move: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description No Content */
        204: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
      };
    };
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/preferences': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['Preferences'];
          };
        };
      };
    };
    put: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['Preferences'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['Preferences'];
          };
        };
        /** @description Bad Request */
        400: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/formats': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['FormatResponse'][];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/export': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: {
          as?: string;
          people?: boolean;
        };
        header?: never;
        path: {
          id: string;
        };
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description Not Found */
        404: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/log/export': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/read-text': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/json': components['schemas']['ReadTextRequest'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['ReadTextResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/open': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: {
      parameters: {
        query?: {
          name?: string;
        };
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody: {
        content: {
          'application/octet-stream': components['schemas']['IFormFile'];
        };
      };
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/json': components['schemas']['OpenedResponse'];
          };
        };
        /** @description Unprocessable Entity */
        422: {
          headers: {
            [name: string]: unknown;
          };
          content: {
            'application/problem+json': components['schemas']['ProblemDetails'];
          };
        };
      };
    };
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/schema/class': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: {
      parameters: {
        query?: never;
        header?: never;
        path?: never;
        cookie?: never;
      };
      requestBody?: never;
      responses: {
        /** @description OK */
        200: {
          headers: {
            [name: string]: unknown;
          };
          content?: never;
        };
      };
    };
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
}
export type webhooks = Record<string, never>;
export interface components {
  schemas: {
    ActivityResponse: {
      code: string;
      name: string;
      /** Format: double */
      mets: number;
    };
    /**
     * @description What is advised about a move for somebody, mildest first.
     * @enum {unknown}
     */
    Advice: 'fine' | 'smaller' | 'another-way' | 'leave-out';
    AmountResponse: {
      /** Format: int32 */
      amount: number;
      /** Format: int32 */
      ms: number;
    };
    AnotherWayResponse: {
      position: string;
      option: string;
      cue: null | string;
    };
    ApplyRequest: {
      class: components['schemas']['JsonElement'];
      finding: string;
      fix: string;
    };
    ApplyResponse: {
      class: components['schemas']['JsonElement'];
      before: components['schemas']['ScoreResponse'];
      after: components['schemas']['ScoreResponse'];
    };
    ArchivedRequest: {
      archived: boolean;
    };
    AreaResponse: {
      area: string;
      /** Format: int32 */
      ms: number;
      /** Format: int32 */
      rightMs: number;
      /** Format: int32 */
      leftMs: number;
    };
    AskResponse: {
      condition: string;
      lines: string[];
    };
    AxisResponse: {
      axis: string;
      /** Format: int32 */
      plusMs: number;
      /** Format: int32 */
      minusMs: number;
    };
    BinEntry: {
      id: string;
      title: string;
      /** Format: double */
      minutes: number;
      /** Format: date-time */
      deletedAt: string;
    };
    BodyAxisResponse: {
      name: string;
      /** Format: double */
      least: number;
      /** Format: double */
      most: number;
    };
    BodyMapResponse: {
      front: components['schemas']['FaceResponse'];
      back: components['schemas']['FaceResponse'];
    };
    BodyResponse: {
      angles: number[];
      pelvis: number[];
      handles: components['schemas']['HandleResponse'][];
    };
    /**
     * @description The part of a breath a phase is on.
     * @enum {unknown}
     */
    Breath: 'in' | 'out' | 'hold-in' | 'hold-out' | 'stay' | 'free';
    /** @description Amounts by side, in the line's unit. */
    BySide: {
      /** Format: int32 */
      right: number;
      /** Format: int32 */
      left: number;
      /** Format: int32 */
      none: number;
    };
    /**
     * @description What the two directions of a circling move are called.
     * @enum {unknown}
     */
    Circle: 'clockwise' | 'backwards' | 'inwards';
    CompanionResponse: {
      move: string;
      name: string;
      position: string;
      because: string;
      /** Format: int32 */
      seconds: number;
    };
    ConditionResponse: {
      id: string;
      name: string;
      movement: components['schemas']['Advice'];
      here: components['schemas']['Advice'];
      advice: components['schemas']['Advice'];
      from: components['schemas']['Source'];
      because: string;
      how: string;
      to: null | components['schemas']['AnotherWayResponse'];
      offer: string;
      dose: null | string;
      instead: components['schemas']['InsteadResponse'][];
      meanwhile: null | string;
    };
    ConditionSummary: {
      id: string;
      name: string;
      leaveOut: string;
      offer: string;
      dose: null | string;
      hasSide: boolean;
      /** Format: int32 */
      settlesAfterWeeks: null | number;
    };
    /** @description A matter on which teachers disagree: the ways, the one that is taken when nothing is said, and why. */
    Convention: {
      /** @description As class files write it. */
      id: string;
      /** @description What it is about. */
      matter: string;
      /** @description The ways; the first is taken when nothing is said. */
      ways: components['schemas']['ConventionWay'][];
      /** @description Why that one. */
      why: string;
    };
    /** @description A set of conventions under a name. */
    ConventionPreset: {
      /** @description The name. */
      name: string;
      /** @description For whom it is. */
      for: string;
      /** @description The ways that differ from the defaults. */
      chosen: {
        [key: string]: string;
      };
    };
    /** @description One way of a convention. */
    ConventionWay: {
      /** @description As class files write it. */
      id: string;
      /** @description In words. */
      name: string;
    };
    ConventionsResponse: {
      all: components['schemas']['Convention'][];
      presets: components['schemas']['ConventionPreset'][];
    };
    DoseGiven: {
      unit: components['schemas']['Unit'];
      /** Format: int32 */
      amount: number;
    };
    DoseResponse: {
      unit: components['schemas']['Unit'];
      /** Format: int32 */
      least: number;
      /** Format: int32 */
      usual: number;
      /** Format: int32 */
      most: number;
    };
    EventResponse: {
      /** Format: int32 */
      atMs: number;
      /** Format: int32 */
      ms: number;
      /** @enum {string} */
      kind: 'lead' | 'breath' | 'beat' | 'way' | 'pause' | 'prop';
      /** @enum {string} */
      phase: 'in' | 'out' | 'hold-in' | 'hold-out' | 'stay' | 'free';
      /** Format: int32 */
      step: number;
      line: string;
      set: null | string;
      section: string;
      move: null | string;
      /** @enum {string} */
      side: 'none' | 'right' | 'left';
      /** Format: int32 */
      round: number;
      /** Format: int32 */
      of: number;
      cue: null | string;
    };
    FaceResponse: {
      body: components['schemas']['Figure'];
      areas: components['schemas']['MappedAreaResponse'][];
    };
    /**
     * @description The four families of positions.
     * @enum {unknown}
     */
    Family: 'standing' | 'seated' | 'floor' | 'supine';
    /** @description A figure: paths in the order of drawing, in thousandths of a stature, 0 on the floor below the body. */
    Figure: {
      /** @description Far to near. */
      paths: components['schemas']['FigurePath'][];
      /** @description The frame it is seen in: least x, least y, most x, most y. */
      box: number[];
    };
    /** @description One path of a figure, in thousandths of a stature, x right and y down. */
    FigurePath: {
      /** @description What it is. */
      tone: components['schemas']['Tone'];
      /** @description Whether it lies in shade. */
      shaded: boolean;
      /**
       * Format: int32
       * @description Where it begins.
       */
      x: number;
      /**
       * Format: int32
       * @description Where it begins.
       */
      y: number;
      /** @description How it goes on from there: data of an SVG path, all of it relative. */
      steps: string;
    };
    FiguresResponse: {
      figures: {
        [key: string]: components['schemas']['Figure'];
      };
    };
    FindingResponse: {
      id: string;
      rule: string;
      /** @enum {string} */
      level: 'serious' | 'notable' | 'hint';
      lines: string[];
      text: string;
      why: string;
      fixes: components['schemas']['FixResponse'][];
    };
    FitAdviceResponse: {
      /** @enum {string} */
      kind: 'drop' | 'add' | 'unlock';
      text: string;
      line: string;
      move: null | string;
      /** Format: int32 */
      ms: number;
      enough: boolean;
    };
    FitChangeResponse: {
      line: string;
      /** Format: int32 */
      from: number;
      /** Format: int32 */
      to: number;
      /** @enum {string} */
      unit: 'breaths' | 'rounds' | 'beats' | 'seconds';
    };
    FitNearestResponse: {
      /** Format: int32 */
      below: null | number;
      /** Format: int32 */
      above: null | number;
    };
    FitRequestBody: {
      class: components['schemas']['JsonElement'];
      /** Format: int64 */
      targetMs?: null | number;
      sections?: null | {
        [key: string]: number;
      };
      scale?: null | string;
    };
    FitResponse: {
      class: components['schemas']['JsonElement'];
      fits: boolean;
      changes: components['schemas']['FitChangeResponse'][];
      /** Format: int32 */
      reachedMs: number;
      optimal: boolean;
      /** Format: int32 */
      boundMs: number;
      nearest: components['schemas']['FitNearestResponse'];
      advice: components['schemas']['FitAdviceResponse'][];
      before: components['schemas']['ScoreResponse'];
      after: components['schemas']['ScoreResponse'];
    };
    FixResponse: {
      id: string;
      label: string;
    };
    ForecastResponse: {
      /** Format: int32 */
      p10Ms: number;
      /** Format: int32 */
      p50Ms: number;
      /** Format: int32 */
      p90Ms: number;
      sections: components['schemas']['SectionForecastResponse'][];
    };
    FormatResponse: {
      id: string;
      name: string;
      extension: string;
      leavesOut: string;
      reads: boolean;
    };
    FramesResponse: {
      phases: components['schemas']['Figure'][][];
      order: number[];
      ms: number[];
      box: number[];
      mirrors: boolean;
    };
    HandleResponse: {
      name: string;
      /** Format: int32 */
      x: number;
      /** Format: int32 */
      y: number;
    };
    /** @description How people left: hands that were counted. */
    Hands: {
      /** Format: int32 */
      easier: number;
      /** Format: int32 */
      same: number;
      /** Format: int32 */
      worse: number;
    };
    HealthResponse: {
      status: string;
      catalogue: string;
      version: string;
    };
    HomeMoveResponse: {
      line: string;
      move: string;
      name: string;
      position: string;
      option: string;
      where: string;
      dose: string;
      how: string[];
      easier: null | string;
      mind: string[];
      askFirst: string[];
      props: string[];
    };
    HomePracticeRequest: {
      class: components['schemas']['JsonElement'];
      lines: null | string[];
    };
    HomePracticeResponse: {
      lines: string[];
      moves: components['schemas']['HomeMoveResponse'][];
      askFirst: string[];
      /** Format: int32 */
      ms: number;
    };
    /** Format: binary */
    IFormFile: string;
    /** @description Something that went wrong. Nobody is named. */
    Incident: {
      /** @description What happened. */
      what: string;
      /** @description What was done about it. */
      done: string;
      /** @description In which move, or null. */
      move?: null | string;
    };
    InsertionResponse: {
      move: string;
      name: string;
      position: string;
      /** Format: int32 */
      extraSeconds: number;
      because: string;
    };
    InsertionsRequest: {
      class: components['schemas']['JsonElement'];
      after: string;
      need: string;
    };
    InsteadResponse: {
      move: string;
      position: string;
      option: string;
      /** @enum {string} */
      advice: 'fine' | 'smaller' | 'another-way' | 'leave-out';
      why: string;
    };
    JsonElement: import('./classFile').AmpleTideClass;
    LadderRequest: {
      class: components['schemas']['JsonElement'];
      /** Format: int32 */
      byMs: number;
    };
    LedgersResponse: {
      sides: components['schemas']['SideResponse'][];
      areas: components['schemas']['AreaResponse'][];
      axes: components['schemas']['AxisResponse'][];
      movements: components['schemas']['MovementsResponse'];
      arc: number[][];
    };
    LessonEventResponse: {
      /** Format: int32 */
      ms: number;
      /** @enum {string} */
      kind: 'lead' | 'breath' | 'beat' | 'way' | 'pause' | 'prop';
      /** @enum {string} */
      breath: 'in' | 'out' | 'hold-in' | 'hold-out' | 'stay' | 'free';
      /** Format: int32 */
      phase: number;
      /** @enum {string} */
      side: 'none' | 'right' | 'left';
      /** Format: int32 */
      round: number;
      /** Format: int32 */
      of: number;
      cue: null | string;
      headlines: string[];
    };
    LessonLineResponse: {
      move: string;
      name: string;
      position: string;
      option: string;
      /** @enum {string} */
      unit: 'breaths' | 'rounds' | 'beats' | 'seconds';
      sides: components['schemas']['Sidedness'];
      circle: components['schemas']['Circle'];
      rightNames: null | string;
      easier: null | string;
      holds: boolean;
      felt: null | string;
      watch: components['schemas']['WatchResponse'][];
    };
    LessonRequest: {
      class: components['schemas']['JsonElement'];
    };
    LessonResponse: {
      /** Format: int32 */
      totalMs: number;
      lines: {
        [key: string]: components['schemas']['LessonLineResponse'];
      };
      passes: components['schemas']['PassResponse'][];
      rest: components['schemas']['LessonRestResponse'];
      before: components['schemas']['PreparationResponse'][];
      ladder: number[];
      score: components['schemas']['JsonElement'];
    };
    LessonRestResponse: {
      lines: string[];
      /** Format: int32 */
      leastMs: number;
      /** Format: int32 */
      ms: number;
    };
    /**
     * @description How bad something is.
     * @enum {unknown}
     */
    Level: 'serious' | 'notable' | 'hint';
    /** @description Between which lengths eight of ten classes like it were to end. */
    Likely: {
      /**
       * Format: int32
       * @description The shorter, in milliseconds.
       */
      fromMs: number;
      /**
       * Format: int32
       * @description The longer, in milliseconds.
       */
      toMs: number;
    };
    LineConditionResponse: {
      id: string;
      with: string[];
      /** Format: int32 */
      people: number;
      /** @enum {string} */
      movement: 'fine' | 'smaller' | 'another-way' | 'leave-out';
      /** @enum {string} */
      here: 'fine' | 'smaller' | 'another-way' | 'leave-out';
      /** @enum {string} */
      advice: 'fine' | 'smaller' | 'another-way' | 'leave-out';
      /** @enum {string} */
      from: 'shape' | 'kind' | 'author';
      because: string;
      how: string;
      /** @enum {null|string} */
      only: 'none' | 'right' | 'left' | null;
      to: null | components['schemas']['AnotherWayResponse'];
      instead: components['schemas']['InsteadResponse'][];
      meanwhile: null | string;
    };
    LineResponse: {
      id: string;
      /** @enum {null|string} */
      kind: 'talk' | 'wait' | null;
      position: null | string;
      /** @enum {string} */
      unit: 'breaths' | 'rounds' | 'beats' | 'seconds';
      /** Format: int32 */
      amount: number;
      sides: string;
      time: null | components['schemas']['LineTimeResponse'];
      occurrences: components['schemas']['OccurrenceResponse'][];
      practice: components['schemas']['PracticeResponse'];
      ways: null | components['schemas']['WayTakenResponse'][];
      wayMissing: null | boolean;
      conditions: null | components['schemas']['LineConditionResponse'][];
    };
    LineTimeResponse: {
      /** Format: int32 */
      fixedMs: number;
      /** Format: int32 */
      unitMs: number;
      /** Format: int32 */
      least: number;
      /** Format: int32 */
      most: number;
      /** Format: int32 */
      step: number;
    };
    LinkResponse: {
      from: string;
      to: string;
      /** Format: int32 */
      fromMs: number;
      /** Format: int32 */
      toMs: number;
    };
    LogResponse: {
      items: unknown[];
      /** Format: int32 */
      total: number;
    };
    MappedAreaResponse: {
      area: string;
      side: string;
      /** Format: int32 */
      x: number;
      /** Format: int32 */
      y: number;
      steps: string;
    };
    MilderResponse: {
      what: string;
      because: string;
    };
    /**
     * @description What kind of thing a move is.
     * @enum {unknown}
     */
    MoveKind: 'hold' | 'flow' | 'rhythm' | 'breathing' | 'balance' | 'check-in' | 'rest';
    MoveResponse: {
      summary: components['schemas']['MoveSummary'];
      talkFirst: string;
      talkSecond: string;
      phases: components['schemas']['PhaseResponse'][];
      felt: null | string;
      watch: components['schemas']['WatchResponse'][];
      like: null | components['schemas']['ActivityResponse'];
      options: components['schemas']['OptionResponse'][];
      cautions: string[];
      conditions: components['schemas']['ConditionResponse'][];
      milder: components['schemas']['MilderResponse'][];
      computedOnly: boolean;
      preparations: components['schemas']['CompanionResponse'][];
      counters: components['schemas']['CompanionResponse'][];
      onAChair: null | components['schemas']['CompanionResponse'];
      waysIn: components['schemas']['WayResponse'][];
      waysOut: components['schemas']['WayResponse'][];
    };
    MoveSummary: {
      id: string;
      name: string;
      traditional: null | string;
      names: string[];
      kind: components['schemas']['MoveKind'];
      positions: string[];
      sides: components['schemas']['Sidedness'];
      circle: components['schemas']['Circle'];
      second: components['schemas']['Second'];
      rightNames: null | string;
      dose: components['schemas']['DoseResponse'];
      areas: string[];
      uses: string[];
      options: string[];
      easier: null | string;
      props: string[];
      helpful: string[];
      /** Format: double */
      effort: number;
      phases: components['schemas']['PhaseSummary'][];
      notFor: string[];
      optIn: boolean;
      own: boolean;
      foundBy?: null | string;
      foundFor?: null | string;
      foundIn?: null | string;
      sure?: null | boolean;
    };
    MoveTextResponse: {
      yaml: string;
    };
    MoveToMend: {
      id: string;
      reason: string;
    };
    MovementsResponse: {
      /** Format: int32 */
      flexionMs: number;
      /** Format: int32 */
      extensionMs: number;
      /** Format: int32 */
      sideBendMs: number;
      /** Format: int32 */
      rotationMs: number;
    };
    /**
     * @description Which of a move's names a teacher goes by.
     * @enum {unknown}
     */
    NameKind: 'everyday' | 'traditional';
    OccurrenceResponse: {
      /** Format: int32 */
      round: number;
      /** @enum {string} */
      side: 'none' | 'right' | 'left';
      /** Format: int32 */
      startMs: number;
      /** Format: int32 */
      ms: number;
      /** Format: int32 */
      leadMs: number;
    };
    OpenResponse: {
      what: string;
      /** Format: int32 */
      fromMs: number;
      /** Format: int32 */
      toMs: null | number;
      line: string;
    };
    OpenedResponse: {
      format: string;
      class: components['schemas']['JsonElement'];
    };
    OptionResponse: {
      name: string;
      cue: string;
    };
    PassDoseResponse: {
      /** Format: int32 */
      amount: number;
      events: components['schemas']['LessonEventResponse'][];
    };
    PassResponse: {
      line: string;
      /** Format: int32 */
      round: number;
      /** @enum {string} */
      side: 'none' | 'right' | 'left';
      /** Format: int32 */
      startMs: number;
      /** Format: int32 */
      follows: null | number;
      /** Format: int32 */
      amount: number;
      doses: components['schemas']['PassDoseResponse'][];
    };
    PathResponse: {
      ways: components['schemas']['WayResponse'][];
      /** Format: int64 */
      ms: number;
    };
    /**
     * @description Which breath pattern of the class a phase runs at.
     * @enum {unknown}
     */
    Pattern: 'moving' | 'small' | 'effort' | 'holding' | 'resting';
    /**
     * @description How high the pelvis is kept; going from one to another is a change of level.
     * @enum {unknown}
     */
    PelvisLevel: 'floor' | 'seat' | 'standing';
    PhaseResponse: {
      breath: components['schemas']['Breath'];
      pattern: components['schemas']['Pattern'];
      work: components['schemas']['Work'];
      long: string;
      short: string;
      last: null | string;
      then: string[];
      opens: string[];
      closes: string[];
    };
    PhaseSummary: {
      breath: components['schemas']['Breath'];
      cue: string;
    };
    PositionResponse: {
      id: string;
      name: string;
      family: components['schemas']['Family'];
      level: components['schemas']['PelvisLevel'];
      props: string[];
      demands: string[];
      /** Format: double */
      height: number;
    };
    PracticeResponse: {
      right: null | components['schemas']['AmountResponse'];
      left: null | components['schemas']['AmountResponse'];
      none: null | components['schemas']['AmountResponse'];
    };
    Preferences: {
      names: components['schemas']['NameKind'];
    };
    PreparationResponse: {
      id: string;
      text: string;
      lines: string[];
    };
    PreviewResponse: {
      id: string;
      name: string;
      phases: components['schemas']['PhaseSummary'][];
      frames: components['schemas']['FramesResponse'];
      bodies: components['schemas']['BodyResponse'][];
      stage: components['schemas']['StageResponse'];
      picture: components['schemas']['Figure'];
    };
    ProblemDetails: {
      type?: null | string;
      title?: null | string;
      /** Format: int32 */
      status?: null | number;
      detail?: null | string;
      instance?: null | string;
    };
    /** @description A thing used in class. */
    Prop: {
      /** @description Its id. */
      id: string;
      /** @description Its name. */
      name: string;
      /** @description More than one of it. */
      plural: string;
      /** @description What to look for. */
      note: string;
      /** @description What does the same where there is none. */
      standIns: string[];
      /** @description Whether a hall can be taken to have it: mat and wall. */
      alwaysThere: boolean;
    };
    PropResponse: {
      prop: string;
      /** Format: int32 */
      fromMs: number;
      /** Format: int32 */
      toMs: number;
      line: string;
    };
    ReadLineResponse: {
      text: string;
      /** @enum {string} */
      kind: 'line' | 'section' | 'set' | 'way' | 'talk' | 'wait' | 'unknown';
      id: null | string;
      move: null | string;
      dose: null | components['schemas']['DoseGiven'];
      sides: null | string;
      position: null | string;
      sure: boolean;
      doubt: null | string;
      others: string[];
    };
    ReadTextRequest: {
      text: string;
      title?: null | string;
    };
    ReadTextResponse: {
      lines: components['schemas']['ReadLineResponse'][];
      class: components['schemas']['JsonElement'];
    };
    RuleResponse: {
      id: string;
      title: string;
      level: components['schemas']['Level'];
    };
    RungResponse: {
      /** Format: int32 */
      from: number;
      /** Format: int32 */
      to: number;
      /** Format: int32 */
      totalMs: number;
      changes: components['schemas']['FitChangeResponse'][];
    };
    ScoreResponse: {
      /** Format: int32 */
      totalMs: number;
      lines: components['schemas']['LineResponse'][];
      findings: components['schemas']['FindingResponse'][];
      ledgers: components['schemas']['LedgersResponse'];
      tide: number[][];
      open: components['schemas']['OpenResponse'][];
      props: components['schemas']['PropResponse'][];
      time: components['schemas']['TimeResponse'];
      forecast: components['schemas']['ForecastResponse'];
      links: components['schemas']['LinkResponse'][];
      ask: components['schemas']['AskResponse'][];
      talks: null | components['schemas']['TalkResponse'][];
      events: null | components['schemas']['EventResponse'][];
    };
    /**
     * @description How the second side comes out of the first.
     * @enum {unknown}
     */
    Second: 'mirror' | 'reverse';
    SectionForecastResponse: {
      id: string;
      /** Format: int32 */
      p10Ms: number;
      /** Format: int32 */
      p50Ms: number;
      /** Format: int32 */
      p90Ms: number;
    };
    ShelfEntry: {
      id: string;
      title: string;
      /** Format: double */
      minutes: number;
      /** Format: int32 */
      totalMs: number;
      areas: string[];
      about: string;
      tide: number[];
      /** Format: int32 */
      serious: number;
      /** Format: int32 */
      notable: number;
      /** Format: date-time */
      savedAt: string;
      tags: string[];
      archived: boolean;
      /** Format: date-time */
      lastTaught: null | string;
    };
    ShelfResponse: {
      items: components['schemas']['ShelfEntry'][];
      /** Format: int32 */
      total: number;
      unreadable: components['schemas']['UnreadableClass'][];
    };
    /** @description A prop, and how many were missing. */
    ShortProp: {
      prop: string;
      /** Format: int32 */
      count: number;
    };
    SideResponse: {
      what: string;
      /** Format: int32 */
      right: number;
      /** Format: int32 */
      left: number;
    };
    /**
     * @description How a move has sides.
     * @enum {unknown}
     */
    Sidedness: 'none' | 'one-sided' | 'alternating' | 'circling' | 'crossing';
    /**
     * @description What goes on at a place of the body that its shape does not show.
     * @enum {unknown}
     */
    Sign:
      | 'attend'
      | 'breath'
      | 'sips'
      | 'straw'
      | 'sound'
      | 'whisper'
      | 'shake'
      | 'tap'
      | 'circle'
      | 'turn'
      | 'outwards'
      | 'inwards'
      | 'fast'
      | 'even'
      | 'longer'
      | 'gaze'
      | 'three-times'
      | 'ball'
      | 'together'
      | 'apart'
      | 'compare';
    SignResponse: {
      sign: components['schemas']['Sign'];
      figure: components['schemas']['Figure'];
    };
    SignsResponse: {
      arrow: components['schemas']['Figure'];
      signs: components['schemas']['SignResponse'][];
    };
    SolveRequest: {
      position: string;
      view: number[];
      centre: number[];
      angles: number[];
      pelvis: number[];
      handle: string;
      to: number[];
    };
    SolvedResponse: {
      body: components['schemas']['BodyResponse'];
      figure: components['schemas']['Figure'];
    };
    /**
     * @description What something that is told of a move rests on.
     * @enum {unknown}
     */
    Source: 'shape' | 'kind' | 'author';
    StageResponse: {
      position: string;
      view: number[];
      centre: number[];
    };
    StepResponse: {
      breath: components['schemas']['Breath'];
      say: string;
    };
    TalkResponse: {
      /** Format: int32 */
      fromMs: number;
      /** Format: int32 */
      forMs: number;
      line: string;
      /** @enum {string} */
      side: 'none' | 'right' | 'left';
      text: string;
    };
    /**
     * @description One evening: what was planned and what really happened. No names of people; hands are counted. Written by hand, minutes and a few words
     *     are enough.
     */
    Taught: {
      /** @description Its id; left out, it is given one. */
      id?: null | string;
      /** @description The class it was, or null where that is on no shelf. */
      class?: null | string;
      /** @description What the class was called. */
      title: string;
      /**
       * Format: date-time
       * @description When it began, with the zone's offset.
       */
      at: string;
      /**
       * Format: int32
       * @description How long it was planned to last, in milliseconds; null where nothing was planned.
       */
      plannedMs?: null | number;
      /**
       * Format: int32
       * @description How long it lasted, in milliseconds.
       */
      realMs: number;
      likely?: null | components['schemas']['Likely'];
      /** @description Line by line. */
      lines?: components['schemas']['TaughtLine'][];
      /** @description What was changed while teaching. */
      changes?: components['schemas']['TaughtChange'][];
      left?: null | components['schemas']['Hands'];
      /** @description Props of which there were too few. */
      short?: components['schemas']['ShortProp'][];
      /** @description What went wrong. */
      incidents?: components['schemas']['Incident'][];
      /** @description How it was. */
      note?: string;
      /** @description What to think of next time. */
      next?: string;
    };
    /** @description A change that was made while teaching. */
    TaughtChange: {
      /**
       * Format: int32
       * @description When, in milliseconds since the class began.
       */
      atMs: number;
      /** @description What was done: more, fewer, skip, finish, pause. */
      what: string;
      /** @description In words. */
      text: string;
      /** @description The line it was made in, or null. */
      line?: null | string;
    };
    /** @description A line as it was planned and as it was taught. */
    TaughtLine: {
      /** @description The line's id. */
      line: string;
      /** @description What it was called. */
      name: string;
      /** @description How much was planned by side. */
      planned: components['schemas']['BySide'];
      /** @description How much was done by side. */
      done: components['schemas']['BySide'];
      /**
       * Format: int32
       * @description Its time as planned, in milliseconds.
       */
      plannedMs: number;
      /**
       * Format: int32
       * @description Its time as taught, in milliseconds.
       */
      realMs: number;
      /** @description Its move, or null for talk and waiting. */
      move?: null | string;
      /** @description What it is counted in, or null. */
      unit?: null | string;
    };
    /**
     * @description What a teacher says to a move in all classes, in place of the catalogue's words or beside them; null where the catalogue's
     *     do.
     */
    TeacherWords: {
      /** @description Said before the talk-in. */
      opener: null | string;
      /** @description The talk-in of the first side. */
      first: null | string;
      /** @description The talk-in of the second side. */
      second: null | string;
      /** @description Said after the talk-in: that less is plenty, that it may be left out. */
      permission: null | string;
      /** @description Said when the move is left. */
      closer: null | string;
      /** @description What this teacher calls it. */
      nickname: null | string;
      /** @description Cues by phase, from 1, as lines of a class have them. */
      cues: {
        [key: string]: string;
      };
    };
    TeachingRequest: {
      session: string;
      /** @default false */
      takeOver: boolean;
      state?: unknown;
    };
    TeachingResponse: {
      session: string;
      /** Format: date-time */
      since: string;
      state: null | components['schemas']['JsonElement'];
    };
    TimeResponse: {
      /** Format: int32 */
      lead: number;
      /** Format: int32 */
      breath: number;
      /** Format: int32 */
      ways: number;
      /** Format: int32 */
      pauses: number;
    };
    /**
     * @description What a path of a figure is, and so how it is coloured. Those from Tone.Seam on are lines, but for the marks.
     * @enum {unknown}
     */
    Tone:
      | 'mat'
      | 'mat-edge'
      | 'shadow'
      | 'wall'
      | 'prop'
      | 'prop-side'
      | 'cloth'
      | 'cloth-side'
      | 'strap'
      | 'trunk'
      | 'right-leg'
      | 'left-leg'
      | 'right-arm'
      | 'left-arm'
      | 'skin'
      | 'hair'
      | 'mouth'
      | 'tongue'
      | 'mark'
      | 'seam'
      | 'line'
      | 'face'
      | 'nose'
      | 'brow'
      | 'eye';
    /**
     * @description What a dose counts.
     * @enum {unknown}
     */
    Unit: 'breaths' | 'rounds' | 'beats' | 'seconds';
    UnreadableClass: {
      id: string;
      title: string;
    };
    VersionEntry: {
      /** Format: int32 */
      number: number;
      /** Format: date-time */
      savedAt: string;
      name: string;
      /** Format: int32 */
      totalMs: number;
    };
    VersionName: {
      name: string;
    };
    WatchResponse: {
      see: string;
      say: string;
    };
    WayResponse: {
      from: string;
      to: string;
      steps: components['schemas']['StepResponse'][];
      /** Format: int64 */
      ms: number;
      cautions: string[];
    };
    WayTakenResponse: {
      to: string;
      /** Format: int32 */
      atMs: number;
      /** Format: int32 */
      ms: number;
      steps: string[];
      cautions: string[];
    };
    /**
     * @description What holds a stay: muscle, weight, or something underneath.
     * @enum {unknown}
     */
    Work: 'active' | 'passive' | 'supported';
  };
  responses: never;
  parameters: never;
  requestBodies: never;
  headers: never;
  pathItems: never;
}
export type $defs = Record<string, never>;
export type operations = Record<string, never>;
