import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { type ComponentType, useState } from 'react';
import { showProblem } from './api';

/** One store of answers for each page: what the server renders for one person is never another's. */
const newClient = (): QueryClient =>
  new QueryClient({
    queryCache: new QueryCache({
      onError: (error, query) => {
        if (!query.meta?.quiet) showProblem(error);
      },
    }),
    // `call` sends again by itself; and nothing moves under the cursor because somebody came back to the window.
    defaultOptions: {
      queries: { retry: false, staleTime: Infinity, refetchOnWindowFocus: false, refetchOnReconnect: false },
    },
  });

/** A page whose parts ask the server with `useAsked`. */
export function withQueries<P extends object>(Page: ComponentType<P>): ComponentType<P> {
  return function WithQueries(props: P) {
    const [client] = useState(newClient);
    return (
      <QueryClientProvider client={client}>
        <Page {...props} />
      </QueryClientProvider>
    );
  };
}
