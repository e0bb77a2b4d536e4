import type { HandleClientError } from '@sveltejs/kit';

/** What did not come because nobody answered is said so; a fault of ours is told as one, and stands in the browser's log. */
export const handleError: HandleClientError = ({ error, status, message }) => {
	if (status === 404) return { message };
	console.error(error);
	return {
		message: isUnanswered(error)
			? 'The workshop does not answer. Check that Ember Ribbon is still running, then load this page again: nothing that was saved is lost.'
			: 'Something went wrong on this page. Nothing that was saved is lost: load it again.'
	};
};

/** Browsers throw a TypeError where a request finds nobody. */
function isUnanswered(error: unknown): boolean {
	return error instanceof TypeError && /fetch|network|load/i.test(error.message);
}
