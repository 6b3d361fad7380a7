/** What a person removed is laid aside, not gone: found and put back by whoever may write. */
package dorada.server.removed;
