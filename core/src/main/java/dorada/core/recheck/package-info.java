/** What has become of an antenna since it was signed off: how far it drifted, what does that, and when to look again. */
package dorada.core.recheck;
